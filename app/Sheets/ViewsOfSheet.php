<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Sheets\Views\AxonometricView;
use App\Sheets\Views\ElevationView;
use App\Sheets\Views\LegendView;
use App\Sheets\Views\NotesView;
use App\Sheets\Views\PlanView;
use App\Sheets\Views\SectionView;
use App\Sheets\Views\SheetView;
use App\Sheets\Views\TableView;
use App\Sheets\Views\UprightSheetView;
use Heurema\Drafting\HomeSide;
use Heurema\Drafting\NamedLevel;
use Heurema\Drafting\RoomElevations;
use Heurema\Drafting\UprightView;
use Heurema\Drafting\WallElevation;
use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Review\Schedule;
use Heurema\Review\ScheduleKind;
use Heurema\Review\ScheduleRow;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;

/** Makes the views of a sheet from their definitions; what the home does not have any more is left out. */
final readonly class ViewsOfSheet
{
    #[Texts]
    private const LEVELS = ['Level', 'Height'];
    #[Texts]
    public const REVISIONS = ['No.', 'Date', 'Handed in by', 'State', 'Said'];

    public function __construct(private SheetDefinition $sheet, private SheetSource $source) {}

    /**
     * @param int   $scale  of drawings that have none of their own
     * @param float $height that there is, mm
     *
     * @return list<SheetView>
     */
    public function at(int $scale, float $height): array
    {
        return array_merge(...array_map(
            fn(ViewDefinition $view): array => $view->kind === ViewKind::Elevations
                ? $this->elevations($view->of, $view->scale ?? $scale)
                : array_filter([$this->view($view, $view->scale ?? $scale, $height)], static fn(?SheetView $one): bool => $one !== null),
            $this->sheet->views,
        ));
    }

    private function view(ViewDefinition $view, int $scale, float $height): ?SheetView
    {
        return match ($view->kind) {
            ViewKind::Plan => $this->plan($view, $scale),
            ViewKind::Section => $this->section($view->of, $scale),
            ViewKind::Cut => $this->cut($view->of, $scale),
            ViewKind::Face => $this->face($view->of, $scale),
            ViewKind::Elevations => null,
            ViewKind::Axonometric => $this->axonometric($view->of, $scale),
            ViewKind::Levels => new TableView(__('Levels'), array_map(__(...), self::LEVELS), $this->levels(), $height),
            ViewKind::Schedule => $this->schedule($view->of, $height),
            ViewKind::Legend => new LegendView($this->source->home->layout, $this->sheet->hasClouds && $this->source->changed !== []),
            ViewKind::Notes => trim($view->of) === '' ? null : new NotesView($view->of),
            ViewKind::Revisions => new TableView(__('Revisions'), array_map(__(...), self::REVISIONS), $this->source->revisions, $height),
        };
    }

    private function plan(ViewDefinition $view, int $scale): ?PlanView
    {
        $plan = $this->source->home->plans[$view->of] ?? null;
        $changed = $this->sheet->hasClouds ? $this->source->changed : [];

        $style = $view->style($this->source->style);

        return $plan === null ? null : new PlanView($this->source->home, $plan, $style, $view->layers, $scale, $changed);
    }

    private function section(string $id, int $scale): ?SectionView
    {
        $stairs = array_values(array_filter($this->source->home->stairs, static fn(PlacedStair $stair): bool => $stair->id() === $id));
        $climb = $stairs === [] ? null : Climb::of($stairs[0]);

        return $climb instanceof Climb ? new SectionView($this->source->home, $climb, $scale) : null;
    }

    private function cut(string $id, int $scale): ?UprightSheetView
    {
        foreach ($this->source->home->layout->sections as $section) {
            if ($section->id === $id) {
                return $this->upright(__('Section :name', [
                    'name' => $section->name,
                ]), UprightView::section($this->source->home, $section), $scale);
            }
        }

        return null;
    }

    private function face(string $key, int $scale): ?UprightSheetView
    {
        foreach (HomeSide::of($this->source->home) as $side) {
            if ($side->key === $key) {
                $name = $this->source->home->wording()->say($side->name());

                return $this->upright($name, UprightView::face($this->source->home, $side), $scale);
            }
        }

        return null;
    }

    private function upright(string $name, ?UprightView $view, int $scale): ?UprightSheetView
    {
        return $view === null ? null : new UprightSheetView($name, $view, $this->source->style, $scale);
    }

    private function axonometric(string $storey, int $scale): ?AxonometricView
    {
        $plan = $this->source->home->plans[$storey] ?? null;

        return $plan === null ? null : new AxonometricView($this->source->home, $plan, $scale);
    }

    /** @return list<list<string>> the highest first */
    private function levels(): array
    {
        $home = $this->source->home;
        $view = UprightView::face($home, HomeSide::of($home)[0]);

        return array_map(
            static fn(NamedLevel $level): array => [$home->wording()->say($level->name), $home->length($level->height)],
            array_reverse($view?->levels() ?? []),
        );
    }

    /** @return list<SheetView> one a wall */
    private function elevations(string $id, int $scale): array
    {
        $room = $this->source->home->room($id);
        $walls = $room === null ? [] : RoomElevations::of($room, $this->source->home);
        $marks = $this->source->style->marks() === 'none' ? [] : $this->source->home->marks()->all();

        return array_map(
            fn(WallElevation $wall, int $number): SheetView => new ElevationView(
                "{$room?->name()} ".self::letter($number),
                $wall,
                $this->source->home,
                $this->source->style,
                $scale,
                $marks,
            ),
            $walls,
            array_keys($walls),
        );
    }

    /** A, B, ... Z, AA. */
    public static function letter(int $number): string
    {
        return ($number >= 26 ? chr(64 + intdiv($number, 26)) : '').chr(65 + $number % 26);
    }

    private function schedule(string $name, float $height): ?TableView
    {
        $kind = ScheduleKind::tryFrom($name);
        if ($kind === null || $this->source->report === null) {
            return null;
        }
        $schedule = Schedule::of($kind, ($this->source->report)());

        return new TableView(
            Text::capital($kind->value),
            [__('Mark'), $kind->row(), __('Storey'), ...array_keys($kind->columns())],
            array_map(
                static fn(ScheduleRow $row): array => [
                    $row->mark,
                    $row->subject->name(),
                    $row->storey,
                    ...array_values(array_map(static fn($cell): string => $cell->text, $row->cells)),
                ],
                $schedule->rows,
            ),
            $height,
        );
    }
}
