<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\SignedLength;
use Heurema\Layout\Opening;
use Heurema\Spatial\FoldingLeaves;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;

/** What is typed and said of the chosen door, window or roof window. */
final readonly class OpeningFields
{
    public function __construct(private Chosen $chosen) {}

    /** How far the ground outside the chosen door lies below its floor, as it would be typed; empty: nobody said. */
    public function outsideLevel(): string
    {
        $opening = $this->chosen->element();
        $level = $opening instanceof Opening ? $opening->door?->exteriorLevel : null;

        return $level === null
            ? ''
            : SignedLength::write(($this->chosen->drawnStorey()->elevation ?? 0.0) - $level, $this->chosen->layout);
    }

    /** How wide each leaf of the chosen folding door is. */
    public function leafWidth(): ?string
    {
        $opening = $this->chosen->opening();
        $leaves = $opening === null ? null : FoldingLeaves::of($opening);

        return $leaves === null ? null : $this->chosen->length($leaves->leafWidth);
    }

    /** Does the chosen door lead outside? */
    public function leadsOutside(): bool
    {
        $opening = $this->chosen->opening();

        return $opening !== null && $opening->type() === SubjectType::Door && $opening->isToOutside() === true;
    }

    /** @return array<string, string> what the sizes of the chosen door or window come to, by what it is */
    public function sizes(): array
    {
        $opening = $this->chosen->opening() ?? $this->chosen->roofWindow();

        return $opening === null ? [] : (new DerivedSizes($opening, $this->chosen->home))->list();
    }

    /** How high the chosen roof window begins and ends above the floor, and how steep it lies; empty where that is not known. */
    public function roofWindowHeights(): string
    {
        $window = $this->chosen->roofWindow();
        [$sill, $head] = [$window?->sill(), $window?->head()];

        return $sill === null || $head === null ? '' : implode(', ', [
            __('from :sill to :head above the floor', ['sill' => $this->chosen->length($sill), 'head' => $this->chosen->length($head)]),
            __('pitch :angle', ['angle' => $this->chosen->home->write(Amount::angle(rad2deg(asin($window->roof->steepness ?? 0.0))))]),
        ]);
    }

    /** Where a jamb of the chosen opening is: `towards the left`. */
    public function jamb(string $end): string
    {
        $line = $this->chosen->wall()?->line();
        if ($line === null) {
            return $end === 'from' ? __('at the wall’s start') : __('at the wall’s end');
        }
        $way = $line->direction()->times($end === 'from' ? -1 : 1);

        return match (true) {
            abs($way->x) >= abs($way->y) => $way->x > 0 ? __('at its right') : __('at its left'),
            default => $way->y > 0 ? __('at its upper end') : __('at its lower end'),
        };
    }

    /** What lies on a side of the chosen opening's wall. */
    public function towards(string $side): string
    {
        $opening = $this->chosen->opening();
        $beyond = $side === 'left' ? $opening?->left : $opening?->right;

        return $beyond === null ? __('the :side of its wall', ['side' => $side]) : $beyond->words();
    }
}
