<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SheetDefinitionRequest;
use App\Http\Requests\SheetFieldsRequest;
use App\Models\Scheme;
use App\Pages\SheetsPage;
use App\Sheets\DoesNotFit;
use App\Sheets\PdfPrinter;
use App\Sheets\SchemeSheets;
use App\Sheets\SheetSet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** The sheets of a scheme: what stands on each, and all of them as one PDF. */
final readonly class SheetSetController
{
    public function __construct(private SchemeSheets $sheets) {}

    public function index(Request $request, Scheme $scheme): View
    {
        return view('sheets', ['page' => new SheetsPage($scheme, $this->sheets, $request->integer('sheet'))]);
    }

    /** One more sheet, empty until something is put on it. */
    public function store(SheetDefinitionRequest $request, Scheme $scheme): RedirectResponse
    {
        $number = self::change($scheme, static fn(SheetSet $set): SheetSet => count($set->sheets) < SheetSet::MOST_SHEETS
            ? $set->with(count($set->sheets), $request->sheet())
            : abort(409, __('There are :mostSheets sheets already.', ['mostSheets' => SheetSet::MOST_SHEETS])));

        return redirect()->route('board.sheets', ['scheme' => $scheme->id, 'sheet' => count($number->sheets) - 1]);
    }

    public function update(SheetDefinitionRequest $request, Scheme $scheme, int $number): RedirectResponse
    {
        self::change($scheme, static fn(SheetSet $set): SheetSet => isset($set->sheets[$number])
            ? $set->with($number, $request->sheet())
            : abort(404));

        return redirect()->route('board.sheets', ['scheme' => $scheme->id, 'sheet' => $number]);
    }

    public function destroy(Scheme $scheme, int $number): RedirectResponse
    {
        self::change($scheme, static fn(SheetSet $set): SheetSet => isset($set->sheets[$number]) ? $set->without($number) : abort(404));

        return redirect()->route('board.sheets', ['scheme' => $scheme->id, 'sheet' => max(0, $number - 1)]);
    }

    public function fields(SheetFieldsRequest $request, Scheme $scheme): RedirectResponse
    {
        self::change($scheme, static fn(SheetSet $set): SheetSet => $set->withFields($request->fields()));

        return redirect()->route('board.sheets', ['scheme' => $scheme->id, 'sheet' => $request->integer('sheet')]);
    }

    /** @throws DoesNotFit */
    public function show(Scheme $scheme, int $number): Response
    {
        $set = SchemeSheets::set($scheme);
        $sheet = $set->sheets[$number] ?? abort(404);
        try {
            $svg = $this->sheets->svg($scheme, $sheet, __('sheet :number of :count', [
                'number' => $number + 1,
                'count' => count($set->sheets),
            ]));
        } catch (DoesNotFit $e) {
            abort(422, $e->getMessage());
        }

        return SheetController::file($svg, "{$scheme->project->name} {$sheet->name}", 'svg', 'image/svg+xml');
    }

    public function pdf(Scheme $scheme, PdfPrinter $printer): Response
    {
        try {
            $svgs = $this->sheets->all($scheme);
        } catch (DoesNotFit $e) {
            abort(422, $e->getMessage());
        }

        return $svgs === []
            ? abort(404)
            : SheetController::file(
                $printer->sheets($svgs, $scheme->project->name),
                "{$scheme->project->name} sheets",
                'pdf',
                'application/pdf',
            );
    }

    /** @param \Closure(SheetSet): SheetSet $change is given them as they are now */
    private static function change(Scheme $scheme, \Closure $change): SheetSet
    {
        return DB::transaction(static function () use ($scheme, $change): SheetSet {
            $current = Scheme::query()->lockForUpdate()->findOrFail($scheme->id);
            $set = $change(SchemeSheets::set($current));
            $current->update(['sheets' => $set->toArray()]);

            return $set;
        });
    }
}
