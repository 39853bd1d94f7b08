<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\CommaSeparated;
use App\Exchange\Spreadsheet;
use App\Models\Revision;
use App\Pages\ReviewPages;
use App\Pages\SchedulePage;
use Heurema\Review\Schedule;
use Heurema\Review\ScheduleKind;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Schedules of a revision, on the page and as files. */
final class ScheduleController
{
    public function __invoke(Request $request, Revision $revision, ScheduleKind $kind, ReviewPages $pages): Response
    {
        $search = mb_substr($request->string('q')->trim()->value(), 0, 100);
        $sort = $request->has('sort') ? $request->string('sort')->value() : null;
        $schedule = Schedule::of($kind, $pages->report($revision))->arranged($search, $sort, $request->boolean('down'));
        $page = new SchedulePage($revision, $schedule, $search, $sort, $request->boolean('down'));
        $name = Str::slug("{$revision->scheme->project->name} {$kind->value}");

        return match ($request->string('format')->value()) {
            'csv' => response(
                CommaSeparated::of($page->table()),
                200,
                ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"{$name}.csv\""],
            ),
            'xlsx' => response(
                Spreadsheet::of($kind->value, $page->table()),
                200,
                [
                    'Content-Type' => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
                    'Content-Disposition' => "attachment; filename=\"{$name}.xlsx\"",
                ],
            ),
            default => response()->view('schedule', ['page' => $page]),
        };
    }
}
