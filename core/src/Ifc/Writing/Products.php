<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Step\KeptElement;
use Heurema\Ifc\Step\Reference;
use Heurema\Ifc\Step\StepText;
use Heurema\Ifc\Step\Typed;
use Heurema\Layout\Element;
use Heurema\Layout\Marks;
use Heurema\Layout\Opening;

/**
 * The products of a model that is written: each with its identity, what the layout says of it, and what the standard has words for.
 */
final class Products
{
    /** Where the tag of a product comes among its values. */
    private const TAG = 5;

    /** @var list<Reference> what stands on the storey that is being written */
    private array $contained = [];

    public function __construct(public readonly StepText $text, public readonly Shapes $shapes, private readonly Marks $marks) {}

    /** What people call an element, by which it is found on plans and in schedules; null where it has no mark. */
    public function tag(string $id): ?string
    {
        $mark = $this->marks->of($id);

        return $mark === '' ? null : $mark;
    }

    /** `Wall W-104` */
    public function name(Element $element): string
    {
        $noun = $element instanceof Opening ? $element->kind->words() : $element::list()->noun();

        return ucfirst(trim("{$noun} {$this->tag($element->id())}"));
    }

    /** @return list<Reference> what stands on the storey; nothing stands on the next one yet */
    public function takeContained(): array
    {
        [$contained, $this->contained] = [$this->contained, []];

        return $contained;
    }

    /**
     * A product on the storey.
     *
     * @param list<mixed> $values
     */
    public function stand(string $type, array $values): Reference
    {
        return $this->contained[] = $this->text->add($type, $values);
    }

    /**
     * @param list<mixed>      $values what follows on its identity, its tag aside
     * @param list<float>|null $box    around its body
     */
    public function contain(string $type, Element $element, array $values, ?array $box): Reference
    {
        array_splice($values, self::TAG, 0, [$this->tag($element->id())]);
        $product = $this->stand($type, [GlobalId::of($element->id()), null, ...$values]);
        $this->keep($product, $element->id(), self::listed($element), $box);

        return $product;
    }

    /**
     * @param array<string, mixed> $element
     * @param list<float>|null     $box
     */
    public function keep(Reference $of, string $id, array $element, ?array $box): void
    {
        $this->describe($of, $id, KeptElement::SET, [
            KeptElement::ELEMENT => new Typed('IFCTEXT', json_encode($element, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)),
            KeptElement::BODY => new Typed('IFCTEXT', KeptElement::body($box)),
        ]);
    }

    /**
     * What the standard has words for.
     *
     * @param array<string, array<string, Typed>> $sets
     */
    public function characterise(Reference $of, string $id, array $sets, ?BaseQuantities $measured = null): void
    {
        foreach ($sets as $set => $properties) {
            $this->describe($of, $id, $set, $properties);
        }
        $quantities = [];
        foreach ($measured->lengths ?? [] as $name => $mm) {
            $quantities[] = $this->text->add('IFCQUANTITYLENGTH', [$name, null, null, $mm, null]);
        }
        foreach ($measured->areas ?? [] as $name => $m2) {
            $quantities[] = $this->text->add('IFCQUANTITYAREA', [$name, null, null, $m2, null]);
        }
        if ($measured !== null && $quantities !== []) {
            $set = $this->text->add(
                'IFCELEMENTQUANTITY',
                [GlobalId::made("{$measured->set} {$id}"), null, $measured->set, null, null, $quantities],
            );
            $this->relate('IFCRELDEFINESBYPROPERTIES', "{$measured->set} of {$id}", [[$of], $set]);
        }
    }

    /** @param array<string, Typed> $properties */
    private function describe(Reference $of, string $id, string $set, array $properties): void
    {
        $values = array_map(
            fn(string $name, Typed $value): Reference => $this->text->add('IFCPROPERTYSINGLEVALUE', [$name, null, $value, null]),
            array_keys($properties),
            $properties,
        );
        $described = $this->text->add('IFCPROPERTYSET', [GlobalId::made("{$set} {$id}"), null, $set, null, $values]);
        $this->relate('IFCRELDEFINESBYPROPERTIES', "{$set} of {$id}", [[$of], $described]);
    }

    /** @param list<mixed> $values */
    public function relate(string $type, string $name, array $values): void
    {
        $this->text->add($type, [GlobalId::made("{$type} {$name}"), null, null, null, ...$values]);
    }

    /** @return array<string, mixed> with the list that it stands in */
    public static function listed(Element $element): array
    {
        return ['list' => $element::list()->value, 'element' => $element->toArray()];
    }

    /**
     * @param list<array{Ring, float, float}> $pieces outline, bottom and height
     *
     * @return list<float>|null sides of the box around them; null: there are none
     */
    public static function around(array $pieces, float $floor): ?array
    {
        $points = array_merge(...array_map(static fn(array $piece): array => $piece[0]->points, $pieces));
        if ($points === []) {
            return null;
        }
        $box = Box::around($points);
        $bottoms = array_column($pieces, 1);
        $tops = array_map(static fn(array $piece): float => $piece[1] + $piece[2], $pieces);

        return [$box->left, $box->bottom, $floor + min([INF, ...$bottoms]), $box->right, $box->top, $floor + max([-INF, ...$tops])];
    }

    public static function rectangle(float $left, float $right, float $bottom, float $top): Ring
    {
        return new Ring([new Point($left, $bottom), new Point($right, $bottom), new Point($right, $top), new Point($left, $top)]);
    }

    /**
     * @param callable(Point): Point $toPlan
     *
     * @return array{array{float, float}, array{float, float}} least and greatest x and y on plan
     */
    public static function box(Ring $outline, callable $toPlan): array
    {
        $box = (new Ring(array_map($toPlan, $outline->points)))->bounds();

        return [[$box->left, $box->bottom], [$box->right, $box->top]];
    }
}
