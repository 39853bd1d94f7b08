<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\Acts\SetBacking;
use App\Board\ElementNames;
use App\Board\OpeningLibrary;
use Heurema\Drafting\WallDistance;
use Heurema\Drafting\WallDistances;
use Heurema\Drafting\WallMeetings;
use Heurema\Drafting\WallStretches;
use Heurema\Language\Text;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\OpeningKind;

/** The chosen wall, or that of the chosen opening. */
final readonly class WallFields
{
    public function __construct(private Chosen $chosen, private OpeningFields $opening) {}

    /** @return list<WallDistance> what the chosen wall looks at */
    public function distances(): array
    {
        $wall = $this->chosen->wall();

        return $wall === null || !$this->chosen->isA('walls') ? [] : WallDistances::of($this->chosen->plan(), $wall);
    }

    /** What a wall of the storey is called within a sentence. */
    public function called(string $id): string
    {
        return $this->chosen->wallCalled($id);
    }

    /** Do walls go on in one line with the chosen one? */
    public function goesOn(): bool
    {
        $wall = $this->chosen->wall();
        $storey = $this->chosen->drawnStorey();
        if ($wall === null || $storey === null) {
            return false;
        }
        $meetings = new WallMeetings($storey);

        return $meetings->inLine($wall, WallMeetings::FROM) !== [] || $meetings->inLine($wall, WallMeetings::TO) !== [];
    }

    /** @return array<int, string> */
    public function sizes(OpeningKind $kind): array
    {
        return (new OpeningLibrary($this->chosen->layout))->choices($kind);
    }

    /** Where the chosen wall holds bars, as it would be typed. */
    public function backing(): string
    {
        $wall = $this->chosen->element();

        return $wall instanceof Wall ? SetBacking::written($wall, $this->chosen->layout) : '';
    }

    /**
     * @return array<int|string, string> the stretches of the chosen wall, or of the wall of the chosen opening, in which something can be
     *                                   placed
     */
    public function stretches(): array
    {
        $wall = $this->chosen->wall();
        $storey = $this->chosen->drawnStorey();
        if ($wall === null || $storey === null) {
            return [];
        }
        $stretches = new WallStretches($storey, $wall);
        $named = ['whole' => __('the whole wall (:length)', ['length' => $this->chosen->length($stretches->whole()->length())])];
        foreach ($stretches->free($this->chosen->id()) as $number => $stretch) {
            $named[$number] = __(':bound to :bound2 (:length)', [
                'bound' => $this->bound($stretch->startsAt),
                'bound2' => $this->bound($stretch->endsAt),
                'length' => $this->chosen->length($stretch->length()),
            ]);
        }

        return $named;
    }

    /** What bounds a stretch of a wall, in words. */
    private function bound(string $bound): string
    {
        $entry = Chosen::of($this->chosen->layout, substr((string) strrchr($bound, ' '), 1));

        return match (true) {
            $entry !== null => __('the :entry', ['entry' => Text::small((new ElementNames($this->chosen->home))->called($entry))]),
            $bound === __('the start') => __('the corner :jamb', ['jamb' => $this->opening->jamb('from')]),
            default => __('the corner :jamb', ['jamb' => $this->opening->jamb('to')]),
        };
    }
}
