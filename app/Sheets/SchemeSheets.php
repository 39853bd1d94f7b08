<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Examination\Basis;
use App\Examination\KeptReports;
use App\Models\Revision;
use App\Models\Scheme;
use Heurema\Layout\Difference;
use Heurema\Review\Report;
use Heurema\Spatial\Home;

/** The sheets of a scheme as it is drawn now. */
final readonly class SchemeSheets
{
    public function __construct(private KeptReports $reports) {}

    /** @throws DoesNotFit */
    public function svg(Scheme $scheme, SheetDefinition $sheet, string $which = ''): string
    {
        return $this->composed($scheme, $sheet, $this->source($scheme), $which)->svg();
    }

    /** Why a sheet cannot be drawn from a source of the scheme, in a sentence; null where it can. */
    public function problem(Scheme $scheme, SheetSource $source, SheetDefinition $sheet): ?string
    {
        try {
            $this->composed($scheme, $sheet, $source, '')->fitting();
        } catch (DoesNotFit $e) {
            return $e->getMessage();
        }

        return null;
    }

    /**
     * All of them.
     *
     * @return list<string> SVG
     *
     * @throws DoesNotFit
     */
    public function all(Scheme $scheme): array
    {
        $sheets = self::set($scheme)->sheets;
        $source = $this->source($scheme);

        return array_map(
            fn(SheetDefinition $sheet, int $number): string => $this
                ->composed($scheme, $sheet, $source, __('sheet :number of :count', ['number' => $number + 1, 'count' => count($sheets)]))
                ->svg(),
            $sheets,
            array_keys($sheets),
        );
    }

    public static function set(Scheme $scheme): SheetSet
    {
        return SheetSet::of($scheme->sheets, $scheme->layout);
    }

    public function source(Scheme $scheme): SheetSource
    {
        $home = new Home($scheme->layout);
        $revisions = $scheme->revisions()->orderBy('number')->with('submitter')->get();
        $last = $revisions->last();

        return new SheetSource(
            $home,
            $scheme->dimensionStyle(),
            fn(): Report => $this->reports->report($home, Basis::ofProject($scheme->project, $scheme->layout->units)),
            array_values($revisions->map(static fn(Revision $revision): array => [
                (string) $revision->number, $revision->created_at->format('j M Y'), $revision->submitter->name, $revision->state->words(),
                $revision->answer ?? '',
            ])->all()),
            $last === null ? [] : (new Difference($last->layout, $scheme->layout))->ids()['after'],
        );
    }

    private function composed(Scheme $scheme, SheetDefinition $sheet, SheetSource $source, string $which): ComposedSheet
    {
        $project = $scheme->project;

        return new ComposedSheet($sheet, $source, new TitleBlock(
            project: $project->name,
            address: $project->address ?? '',
            name: $sheet->name,
            state: __(':name, version :version', ['name' => $scheme->name, 'version' => $scheme->version]),
            office: $project->office->name,
            date: now()->format('j F Y'),
            paper: $sheet->paper->value,
            dimensions: $scheme->dimensionStyle()->says($scheme->layout),
            sheet: $which,
            fields: [...SheetFields::from($project->office->sheet_fields), ...self::set($scheme)->fields],
        ));
    }
}
