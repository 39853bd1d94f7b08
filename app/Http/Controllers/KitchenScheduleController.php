<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\DimensionStyle;
use App\Exchange\CommaSeparated;
use App\Exchange\Spreadsheet;
use App\Models\Revision;
use App\Models\Scheme;
use App\Pages\KitchenSchedulePage;
use Heurema\Spatial\Home;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The schedule of a kitchen, of what is drawn and of what was handed in: on the page and as files. */
final class KitchenScheduleController
{
    public function scheme(Request $request, Scheme $scheme): Response
    {
        return $this->answer($request, new KitchenSchedulePage(
            $scheme->project->name,
            route('board.kitchen.schedule', $scheme),
            route('board', $scheme),
            new Home($scheme->layout),
            $scheme->dimensionStyle(),
            $request->string('room')->value(),
        ));
    }

    public function revision(Request $request, Revision $revision): Response
    {
        $revision->loadMissing('statements');

        return $this->answer($request, new KitchenSchedulePage(
            __(':name, revision :number', ['name' => $revision->scheme->project->name, 'number' => $revision->number]),
            route('review.kitchen', $revision),
            route('review', $revision),
            new Home($revision->examined()),
            DimensionStyle::from([]),
            $request->string('room')->value(),
        ));
    }

    private function answer(Request $request, KitchenSchedulePage $page): Response
    {
        $name = Str::slug("{$page->title} kitchen");
        $file = static fn(string $content, string $type, string $ending): Response => response(
            $content,
            200,
            ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}.{$ending}\""],
        );

        return match ($request->string('format')->value()) {
            'csv' => $file(CommaSeparated::of($page->table()), 'text/csv; charset=UTF-8', 'csv'),
            'xlsx' => $file(
                Spreadsheet::of('kitchen', $page->table()),
                'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
                'xlsx',
            ),
            default => response()->view('kitchen.schedule', ['page' => $page]),
        };
    }
}
