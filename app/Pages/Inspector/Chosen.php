<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\LengthField;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\DraftElement;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Element;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\Layout;
use Heurema\Layout\Opening;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StoreyPlan;

/** The element that is chosen on the board, if any, and the home that it stands in. */
final readonly class Chosen
{
    public Layout $layout;

    /** @param string $storey id of the storey in sight; empty: the home has none */
    public function __construct(public Home $home, public string $storey, private ?DraftElement $entry)
    {
        $this->layout = $home->layout;
    }

    /** The element of this id; null: the layout has none. */
    public static function of(Layout $layout, string $id): ?DraftElement
    {
        try {
            return $id === '' ? null : (new Draft($layout))->find($id);
        } catch (RefusedEdit) {
            return null;
        }
    }

    public function element(): ?Element
    {
        return $this->entry?->element;
    }

    public function id(): ?string
    {
        return $this->entry?->id();
    }

    public function isA(string $list): bool
    {
        return $this->entry?->list->value === $list;
    }

    public function drawnStorey(): ?Storey
    {
        return $this->layout->storey($this->storey);
    }

    public function plan(): StoreyPlan
    {
        return $this->home->plans[$this->storey];
    }

    public function fixture(): ?PlacedFixture
    {
        return $this->among('fixtures', $this->home->fixtures);
    }

    public function opening(): ?PlacedOpening
    {
        return $this->among('openings', $this->home->openings);
    }

    public function roofWindow(): ?PlacedOpening
    {
        return $this->among('roof_windows', $this->home->roofWindows);
    }

    public function stair(): ?PlacedStair
    {
        return $this->isA('stairs') ? $this->home->stair($this->id() ?? '') : null;
    }

    public function floorOpening(): ?FloorOpening
    {
        $element = $this->element();

        return $element instanceof FloorOpening ? $element : null;
    }

    /** The chosen wall, or that of the chosen opening. */
    public function wall(): ?Wall
    {
        $element = $this->element();
        $id = $element instanceof Opening ? $element->wall : $element?->id();

        return $id === null ? null : $this->drawnStorey()?->wall($id);
    }

    /** What a wall of the storey is called within a sentence. */
    public function wallCalled(string $id): string
    {
        return Text::small($this->plan()->wallCalled($id));
    }

    /** A length of the drawing as it would be typed. */
    public function typed(float $mm): string
    {
        return LengthField::write(round($mm, 4), $this->layout);
    }

    /** A length as one reads it. */
    public function length(float $mm): string
    {
        return $this->home->length($mm);
    }

    /**
     * @template T of PlacedFixture|PlacedOpening
     *
     * @param list<T> $placed
     *
     * @return T|null
     */
    private function among(string $list, array $placed): PlacedFixture|PlacedOpening|null
    {
        foreach ($this->isA($list) ? $placed : [] as $one) {
            if ($one->id() === $this->id()) {
                return $one;
            }
        }

        return null;
    }
}
