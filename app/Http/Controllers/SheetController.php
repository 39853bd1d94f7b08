<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SheetRequest;
use App\Models\Scheme;
use App\Sheets\DoesNotFit;
use App\Sheets\Paper;
use App\Sheets\PdfPrinter;
use App\Sheets\PlanSheet;
use App\Sheets\TitleBlock;
use Heurema\Layout\Storey;
use Heurema\Spatial\Home;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** The plan of a storey as a sheet to print or to hand on. */
final class SheetController
{
    public function __construct(private PdfPrinter $printer) {}

    public function __invoke(SheetRequest $request, Scheme $scheme): Response
    {
        $asked = $scheme->layout->storey($request->string('storey')->value()) ?? abort(404);
        $format = $request->string('format')->value();
        $storeys = $format === 'set' ? $scheme->layout->storeys : [$asked];
        $sheets = self::sheets($request, $scheme, $storeys);
        $name = Str::slug($scheme->project->name.($format === 'set' ? '' : " {$asked->name}")).($format === 'svg' ? '.svg' : '.pdf');

        return response($format === 'svg' ? $sheets[0] : $this->printer->print($sheets), 200, [
            'Content-Type' => $format === 'svg' ? 'image/svg+xml' : 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$name}\"",
        ]);
    }

    /**
     * @param list<Storey> $storeys
     *
     * @return list<string> SVG
     */
    private static function sheets(SheetRequest $request, Scheme $scheme, array $storeys): array
    {
        $home = new Home($scheme->layout);
        $style = $scheme->dimensionStyle();
        $paper = $request->paper();
        try {
            $scale = $request->scale() ?? PlanSheet::fitting($home, $paper, $style);

            return array_map(
                static fn(Storey $storey): string => (new PlanSheet(
                    $home,
                    $home->plans[$storey->id],
                    $paper,
                    $scale,
                    self::title($scheme, $storey, $paper),
                    $style,
                ))->svg(),
                $storeys,
            );
        } catch (DoesNotFit $e) {
            throw ValidationException::withMessages(['scale' => $e->getMessage()]);
        }
    }

    private static function title(Scheme $scheme, Storey $storey, Paper $paper): TitleBlock
    {
        return new TitleBlock(
            $scheme->project->name,
            $scheme->project->address ?? '',
            $storey->name,
            "{$scheme->name}, version {$scheme->version}",
            $scheme->project->office->name ?? '',
            now()->format('j F Y'),
            $paper->value,
            $scheme->dimensionStyle()->says($scheme->layout),
        );
    }
}
