<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\LengthField;
use App\Board\Library;
use App\Board\NewElements;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Units\UnreadableLength;

/**
 * A fixture of the list, settled against the wall nearest to the place that was pointed at: as usual, or like one that was drawn before, in
 * the size that was typed.
 */
final readonly class PlaceFixture implements DrawingAct
{
    private const SIZES = ['width', 'depth', 'height', 'base'];

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $kind = $asked->word('kind', FixtureKind::Table);
        $like = $this->like($asked, $layout, $kind);

        return (new NewElements($layout))->fixture(
            $asked->drawnOn($layout),
            $kind,
            $asked->point('at'),
            $this->sizes($asked, $layout, $kind, $like),
            $like,
        );
    }

    public function list(): ElementList
    {
        return ElementList::Fixtures;
    }

    /** What was taken away in the meantime is placed as it usually is. */
    private function like(ActInput $asked, Layout $layout, FixtureKind $kind): ?Fixture
    {
        $id = $asked->string('like')->value();
        foreach ($id === '' ? [] : $layout->storeys as $storey) {
            foreach ($storey->fixtures as $fixture) {
                if ($fixture->id === $id && $fixture->kind === $kind) {
                    return $fixture;
                }
            }
        }

        return null;
    }

    /**
     * As typed; where nothing was asked for, as usual. An emptied field says nothing.
     *
     * @return array{width?: float, depth?: float, height?: float, base?: float} mm
     */
    private function sizes(ActInput $asked, Layout $layout, FixtureKind $kind, ?Fixture $like): array
    {
        $usual = $like === null
            ? Library::sizes($kind, $layout->units)
            : ['width' => $like->width, 'depth' => $like->depth, 'height' => $like->height, 'base' => $like->base];
        $sizes = [];
        foreach (self::SIZES as $key) {
            $sizes[$key] = $asked->has($key) ? $this->typed($asked, $key, $layout, $usual[$key] ?? null) : $usual[$key] ?? null;
        }

        return array_filter($sizes, static fn(?float $size): bool => $size !== null);
    }

    /** What is left as it is shown, rounded, stays as it is. */
    private function typed(ActInput $asked, string $key, Layout $layout, ?float $usual): ?float
    {
        $isLeft = $usual !== null && $asked->string($key)->trim()->value() === LengthField::write($usual, $layout);
        try {
            return $isLeft ? $usual : $asked->lengthIfTyped($key, $layout);
        } catch (UnreadableLength $e) {
            throw new RefusedEdit(Text::capital($key).": {$e->getMessage()}");
        }
    }
}
