<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Examination\Basis;
use App\Examination\ChosenSettings;
use App\Examination\KeptReports;
use App\Http\Requests\Api\CheckedHome;
use App\Intake\HomeFile;
use App\Models\Project;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Spatial\Home;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;

/** Holds a home against rule books; nothing of it is kept that anybody sees. */
final readonly class CheckController
{
    public function __construct(private KeptReports $reports, private RuleBookLibrary $library) {}

    /** @throws ValidationException when a setting is not one of the books', or the file cannot be read */
    public function store(CheckedHome $request): JsonResponse
    {
        $books = $request->books() ?? (new Project())->books;
        try {
            (new ChosenSettings(array_map($this->library->book(...), $books)))->read($request->settings());
        } catch (\InvalidArgumentException $e) {
            throw ValidationException::withMessages(['settings' => $e->getMessage()]);
        }
        $report = $this->reports->report(
            new Home(HomeFile::read($request->home())->layout),
            new Basis($books, $request->settings()),
        );

        return response()->json($report->toArray($request->verdicts()));
    }
}
