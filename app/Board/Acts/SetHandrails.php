<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\LengthField;
use Heurema\Language\Texts;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Handrail;
use Heurema\Layout\Handrails;
use Heurema\Layout\Layout;
use Heurema\Layout\Ramp;
use Heurema\Layout\Stair;

/**
 * The rails of the chosen stair or ramp: on either side the height of one, `none`, or nothing where it is not known; how far it stands in
 * and how far it goes on at the foot and the head. What is not asked for stays as it is.
 */
final readonly class SetHandrails implements Act
{
    public const SIDES = Handrails::SIDES;
    #[Texts]
    public const NONE = 'none';

    /** Beside its height, by the document's own keys. */
    public const DETAILS = ['projection', 'foot', 'head'];

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $element = (new Draft($layout))->find($asked->select())->element;
        $stands = $element instanceof Stair || $element instanceof Ramp ? $element->handrails->sides ?? [] : [];
        $typed = array_map(trim(...), $asked->fields());
        $rails = [];
        foreach (self::SIDES as $side) {
            $isKnown = array_key_exists($side, $stands);
            $height = $typed[self::field($side)] ?? null;
            if ($height === '' || ($height === null && !$isKnown)) {
                continue;
            }
            $isNone = in_array(mb_strtolower((string) $height), [self::NONE, __(self::NONE)], true);
            $rails[$side] = $height === null && $stands[$side] === null || $isNone
                ? null
                : $this->rail($side, $height, $typed, $stands[$side] ?? null, $layout)->written();
        }

        return new ChangeValues($asked->select(), ['handrails' => $rails === [] ? null : $rails]);
    }

    /** @param string|null $detail null: of its height */
    public static function field(string $side, ?string $detail = null): string
    {
        return "rail_{$side}".($detail === null ? '' : "_{$detail}");
    }

    /** @param array<string, string> $typed */
    private function rail(string $side, ?string $height, array $typed, ?Handrail $stands, Layout $layout): Handrail
    {
        $details = [];
        foreach (self::DETAILS as $detail) {
            $field = self::field($side, $detail);
            $details[$detail] = match ($typed[$field] ?? null) {
                null => $stands?->$detail,
                '' => null,
                default => LengthField::read($typed[$field], $layout, $field),
            };
        }

        return new Handrail(
            $height === null ? $stands->height ?? 0.0 : LengthField::read($height, $layout, self::field($side), __('Or type none.')),
            ...$details,
        );
    }
}
