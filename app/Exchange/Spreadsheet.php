<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Files\TemporaryFile;

/** A table as an XLSX workbook of one sheet (ECMA-376), its first row bold. Texts are texts: nothing is taken for a formula. */
final class Spreadsheet
{
    private const PARTS = [
        '[Content_Types].xml' => '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default '
            .'Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default '
            .'Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" '
            .'ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/><Override '
            .'PartName="/xl/worksheets/sheet1.xml" '
            .'ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/><Override '
            .'PartName="/xl/styles.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.styles+xml"/></Types>',
        '_rels/.rels' => '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship '
            .'Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" '
            .'Target="xl/workbook.xml"/></Relationships>',
        'xl/_rels/workbook.xml.rels' => '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship '
            .'Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" '
            .'Target="worksheets/sheet1.xml"/><Relationship Id="rId2" '
            .'Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/styles" Target="styles.xml"/></Relationships>',
        'xl/styles.xml' => '<styleSheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><fonts '
            .'count="2"><font><sz val="11"/><name val="Calibri"/></font><font><b/><sz val="11"/><name '
            .'val="Calibri"/></font></fonts><fills count="1"><fill><patternFill '
            .'patternType="none"/></fill></fills><borders count="1"><border/></borders><cellStyleXfs '
            .'count="1"><xf/></cellStyleXfs><cellXfs count="2"><xf/><xf fontId="1" applyFont="1"/></cellXfs></styleSheet>',
    ];

    private const DECLARATION = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n";

    /**
     * @param string                                $title of the sheet
     * @param list<list<string|float|int|bool|null>> $rows  the first one names the columns
     */
    public static function of(string $title, array $rows): string
    {
        return TemporaryFile::archive('xlsx', static fn(\ZipArchive $zip) => self::fill($zip, $title, $rows));
    }

    /** @param list<list<string|float|int|bool|null>> $rows */
    private static function fill(\ZipArchive $zip, string $title, array $rows): void
    {
        foreach (self::PARTS as $name => $part) {
            $zip->addFromString($name, self::DECLARATION.$part);
        }
        $name = htmlspecialchars(mb_substr((string) preg_replace('#[\\\\/?*\[\]:]#', ' ', $title), 0, 31), ENT_XML1 | ENT_QUOTES);
        $zip->addFromString(
            'xl/workbook.xml',
            self::DECLARATION
                .'<workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" '
                .'xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets><sheet name="'
                .$name.'" sheetId="1" r:id="rId1"/></sheets></workbook>',
        );
        $zip->addFromString('xl/worksheets/sheet1.xml', self::DECLARATION.self::sheet($rows));
    }

    /** @param list<list<string|float|int|bool|null>> $rows */
    private static function sheet(array $rows): string
    {
        $written = '';
        foreach ($rows as $number => $cells) {
            $written .= '<row r="'.($number + 1).'">';
            foreach ($cells as $column => $value) {
                $written .= self::cell(self::column($column).($number + 1), $value, $number === 0);
            }
            $written .= '</row>';
        }

        return '<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>'.$written
            .'</sheetData></worksheet>';
    }

    private static function cell(string $place, string|float|int|bool|null $value, bool $isBold): string
    {
        $style = $isBold ? ' s="1"' : '';

        return match (true) {
            $value === null, $value === '' => '',
            is_bool($value) => "<c r=\"{$place}\"{$style} t=\"b\"><v>".(int) $value.'</v></c>',
            is_string($value) => "<c r=\"{$place}\"{$style} t=\"inlineStr\"><is><t xml:space=\"preserve\">"
                .htmlspecialchars((string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F]/', '', $value), ENT_XML1 | ENT_QUOTES)
                .'</t></is></c>',
            default => "<c r=\"{$place}\"{$style}><v>{$value}</v></c>",
        };
    }

    /** A, B, … Z, AA, … */
    private static function column(int $number): string
    {
        $letters = '';
        for (++$number; $number > 0; $number = intdiv($number - 1, 26)) {
            $letters = chr(65 + ($number - 1) % 26).$letters;
        }

        return $letters;
    }
}
