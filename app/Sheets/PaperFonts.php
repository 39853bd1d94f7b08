<?php

declare(strict_types=1);

namespace App\Sheets;

/** The fonts that ship with Heurema, for programs that ask fontconfig. */
final class PaperFonts
{
    /** @return string the path of a configuration that knows them */
    public function configuration(): string
    {
        $file = storage_path('framework/cache/fonts.conf');
        if (!is_file($file)) {
            $folder = e(storage_path('app/fonts'));
            $cache = e(storage_path('framework/cache/fontconfig'));
            file_put_contents($file, <<<XML
                <?xml version="1.0"?>
                <!DOCTYPE fontconfig SYSTEM "urn:fontconfig:fonts.dtd">
                <fontconfig>
                    <include ignore_missing="yes">/etc/fonts/fonts.conf</include>
                    <dir>{$folder}</dir>
                    <cachedir>{$cache}</cachedir>
                </fontconfig>
                XML);
        }

        return $file;
    }
}
