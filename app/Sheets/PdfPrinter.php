<?php

declare(strict_types=1);

namespace App\Sheets;

use Symfony\Component\Process\Process;

/** Prints a sheet that was drawn as SVG into a PDF of the same size, with rsvg-convert and the fonts that ship with Heurema. */
final class PdfPrinter
{
    private const SECONDS = 30;

    public function print(string $svg): string
    {
        $process = new Process(['rsvg-convert', '--format=pdf'], env: ['FONTCONFIG_FILE' => $this->fonts()], input: $svg, timeout: self::SECONDS);
        $process->mustRun();

        return $process->getOutput();
    }

    private function fonts(): string
    {
        $file = storage_path('framework/cache/fonts.conf');
        if (!is_file($file)) {
            $folder = e(storage_path('app/fonts'));
            $cache = e(storage_path('framework/cache/fontconfig'));
            file_put_contents($file, <<<XML
                <?xml version="1.0"?>
                <!DOCTYPE fontconfig SYSTEM "urn:fontconfig:fonts.dtd">
                <fontconfig><include ignore_missing="yes">/etc/fonts/fonts.conf</include><dir>{$folder}</dir><cachedir>{$cache}</cachedir></fontconfig>
                XML);
        }

        return $file;
    }
}
