<?php

declare(strict_types=1);

namespace App\Letters;

use App\Sheets\PdfPrinter;
use Dompdf\Dompdf;
use Dompdf\Options;

/** A letter as PDF. Its drawings are turned into pictures, for what sets the pages knows little of SVG. */
final readonly class LetterPdf
{
    private const PICTURE = '/src="data:image\/svg\+xml;base64,([A-Za-z0-9+\/=]+)"/';

    public function __construct(private PdfPrinter $printer) {}

    public function print(string $html): string
    {
        $folder = storage_path('framework/cache/dompdf');
        if (!is_dir($folder)) {
            mkdir($folder, recursive: true);
        }
        $options = (new Options())
            ->setIsRemoteEnabled(false)
            ->setIsPhpEnabled(false)
            ->setChroot([$folder])
            ->setFontDir($folder)
            ->setFontCache($folder)
            ->setTempDir($folder)
            ->setDefaultFont('DejaVu Sans');
        $pdf = new Dompdf($options);
        $pdf->setPaper('letter');
        $pdf->loadHtml((string) preg_replace_callback(
            self::PICTURE,
            fn(array $found): string => 'src="data:image/png;base64,'
                .base64_encode($this->printer->picture((string) base64_decode($found[1], true), 900)).'"',
            $html,
        ));
        $pdf->render();

        return $pdf->output();
    }
}
