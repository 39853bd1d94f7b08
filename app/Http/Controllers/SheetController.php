<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SheetRequest;
use App\Models\Scheme;
use App\Sheets\DoesNotFit;
use App\Sheets\PdfPrinter;
use App\Sheets\SchemeSheets;
use App\Sheets\SheetDefinition;
use App\Sheets\SheetSet;
use Heurema\Layout\Storey;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** The plan of a storey, or of each, as a sheet to print or to hand on at once. */
final readonly class SheetController
{
    public function __construct(private PdfPrinter $printer, private SchemeSheets $sheets) {}

    public function __invoke(SheetRequest $request, Scheme $scheme): Response
    {
        $asked = $scheme->layout->storey($request->string('storey')->value()) ?? abort(404);
        $format = $request->string('format')->value();
        $storeys = $format === 'set' ? $scheme->layout->storeys : [$asked];
        $name = $scheme->project->name.($format === 'set' ? '' : " {$asked->name}");
        try {
            $svgs = array_map(
                fn(Storey $storey): string => $this->sheets->svg($scheme, self::sheet($request, $storey)),
                $storeys === [] ? [$asked] : $storeys,
            );
        } catch (DoesNotFit $e) {
            throw ValidationException::withMessages(['scale' => $e->getMessage()]);
        }

        return $format === 'svg'
            ? self::file($svgs[0], $name, 'svg', 'image/svg+xml')
            : self::file($this->printer->sheets($svgs, $scheme->project->name), $name, 'pdf', 'application/pdf');
    }

    public static function file(string $content, string $name, string $ending, string $type): Response
    {
        return response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => 'inline; filename="'.Str::slug($name).".{$ending}\"",
        ]);
    }

    private static function sheet(SheetRequest $request, Storey $storey): SheetDefinition
    {
        return SheetSet::plan($storey, $request->paper(), $request->scale());
    }
}
