<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Scheme;
use App\Sheets\PlotScale;
use App\Sheets\SchemeSheets;
use App\Sheets\SheetCheck;
use App\Sheets\SheetDefinition;
use App\Sheets\SheetSet;
use App\Sheets\ViewDefinition;
use App\Sheets\ViewKind;
use Heurema\Drafting\HomeSide;
use Heurema\Review\ScheduleKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;

/** The sheets of a scheme, one of them open. */
final readonly class SheetsPage
{
    public SheetSet $set;
    public int $number;

    /** Why the open one cannot be drawn. */
    public ?string $problem;

    /** @var array<string, string> what may be put on a sheet, by what the form sends for it */
    public array $choices;

    private Home $home;

    public function __construct(public Scheme $scheme, SchemeSheets $sheets, int $number)
    {
        $this->set = SchemeSheets::set($scheme);
        $this->number = max(0, min($number, count($this->set->sheets) - 1));
        $source = $sheets->source($scheme);
        $this->home = $source->home;
        $this->choices = self::choicesOf($source->home);
        $sheet = $this->sheet();
        $this->problem = $sheet === null ? null : $sheets->problem($scheme, $source, $sheet);
    }

    public function sheet(): ?SheetDefinition
    {
        return $this->set->sheets[$this->number] ?? null;
    }

    /** What a view is of, in words; what the home does not have any more is said. */
    public function words(ViewDefinition $view): string
    {
        return match ($view->kind) {
            ViewKind::Notes => __('Notes'),
            ViewKind::Levels => __('Levels'),
            ViewKind::Legend => __('Legend'),
            ViewKind::Revisions => __('Table of revisions'),
            default => $this->choices["{$view->kind->value} {$view->of}"] ?? __('Something that is not there any more'),
        };
    }

    /** @return array<int, string> */
    public function scales(): array
    {
        return PlotScale::choices($this->scheme->layout->units);
    }

    /** @return list<string> what somebody who builds by them would ask back */
    public function check(): array
    {
        return (new SheetCheck($this->home, $this->scheme->dimensionStyle()))->of($this->set);
    }

    /** @return array<string, string> */
    private static function choicesOf(Home $home): array
    {
        $choices = [];
        foreach ($home->layout->storeys as $storey) {
            $choices["plan {$storey->id}"] = __('Plan of :name', ['name' => $storey->name]);
        }
        foreach ($home->layout->storeys as $storey) {
            $choices["axonometric {$storey->id}"] = __(':name in the round', ['name' => $storey->name]);
        }
        foreach ($home->stairs as $stair) {
            if (Climb::of($stair) instanceof Climb) {
                $choices["section {$stair->id()}"] = __('Section along :stair', ['stair' => $stair->name()]);
            }
        }
        foreach ($home->layout->sections as $section) {
            $choices["cut {$section->id}"] = __('Section :name', ['name' => $section->name]);
        }
        foreach (HomeSide::of($home) as $side) {
            $choices["face {$side->key}"] = $home->wording()->say($side->name());
        }
        foreach ($home->rooms as $room) {
            if ($room->outline() !== null) {
                $choices["elevations {$room->id()}"] = __('Walls of :room', ['room' => $room->name()]);
            }
        }
        foreach (ScheduleKind::cases() as $kind) {
            $choices["schedule {$kind->value}"] = __('Schedule of :kind', ['kind' => $kind->words()]);
        }

        return [
            ...$choices,
            'levels' => __('Levels'),
            'legend' => __('Legend'),
            'notes' => __('Notes'),
            'revisions' => __('Table of revisions'),
        ];
    }
}
