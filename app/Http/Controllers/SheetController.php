<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SheetRequest;
use App\Models\Scheme;
use App\Sheets\DoesNotFit;
use App\Sheets\PdfPrinter;
use App\Sheets\PlanSheet;
use App\Sheets\TitleBlock;
use Heurema\Spatial\Home;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** The plan of a storey as a sheet to print or to hand on. */
final class SheetController
{
    public function __invoke(SheetRequest $request, Scheme $scheme, PdfPrinter $printer): Response
    {
        $storey = $scheme->layout->storey($request->string('storey')->value()) ?? abort(404);
        $home = new Home($scheme->layout);
        $style = $scheme->dimensionStyle();
        $title = new TitleBlock(
            $scheme->project->name,
            $scheme->project->address ?? '',
            $storey->name,
            "{$scheme->name}, version {$scheme->version}",
            $scheme->project->office->name ?? '',
            now()->format('j F Y'),
            $request->paper()->value,
            $style->says($scheme->layout),
        );
        try {
            $scale = $request->scale() ?? PlanSheet::fitting($home, $request->paper(), $style);
            $svg = (new PlanSheet($home, $home->plans[$storey->id], $request->paper(), $scale, $title, $style))->svg();
        } catch (DoesNotFit $e) {
            throw ValidationException::withMessages(['scale' => $e->getMessage()]);
        }
        $isPdf = $request->string('format')->value() === 'pdf';
        $name = Str::slug("{$scheme->project->name} {$storey->name}").($isPdf ? '.pdf' : '.svg');

        return response($isPdf ? $printer->print($svg) : $svg, 200, [
            'Content-Type' => $isPdf ? 'application/pdf' : 'image/svg+xml',
            'Content-Disposition' => "inline; filename=\"{$name}\"",
        ]);
    }
}
