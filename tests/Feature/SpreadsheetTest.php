<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\Spreadsheet;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Workbooks as ECMA-376 (Office Open XML) has them. */
final class SpreadsheetTest extends TestCase
{
    public function test_cells_keep_their_kinds(): void
    {
        $cells = self::sheet([['Name', 'Area', 'Lit'], ['Study', 3.9756, true], ['Hall', 12, false], ['', null, '0']])->xpath('//x:c');
        self::assertIsArray($cells);
        $read = [];
        foreach ($cells as $cell) {
            $read[(string) $cell['r']] = [(string) $cell['t'], (string) ($cell->v ?? ''), (string) ($cell->is->t ?? '')];
        }
        self::assertSame([
            'A1' => ['inlineStr', '', 'Name'], 'B1' => ['inlineStr', '', 'Area'], 'C1' => ['inlineStr', '', 'Lit'],
            'A2' => ['inlineStr', '', 'Study'], 'B2' => ['', '3.9756', ''], 'C2' => ['b', '1', ''],
            'A3' => ['inlineStr', '', 'Hall'], 'B3' => ['', '12', ''], 'C3' => ['b', '0', ''],
            'C4' => ['inlineStr', '', '0'],
        ], $read);
    }

    public function test_the_first_row_is_bold(): void
    {
        $styled = self::sheet([['Name'], ['Study']])->xpath('//x:c[@s="1"]');
        self::assertSame(
            ['A1'],
            array_map(static fn(\SimpleXMLElement $cell): string => (string) $cell['r'], is_array($styled) ? $styled : []),
        );
    }

    public function test_texts_stay_texts(): void
    {
        $texts = ['=1+1', '<b>"&', "a\x00b", '  spaces  ', 'Wohnfläche'];
        $found = self::sheet([$texts])->xpath('//x:is/x:t');
        self::assertSame(['=1+1', '<b>"&', 'ab', '  spaces  ', 'Wohnfläche'], array_map(strval(...), is_array($found) ? $found : []));
    }

    /** @return iterable<string, array{int, string}> number of a column, from nought, and its letters */
    public static function columns(): iterable
    {
        yield 'the first' => [0, 'A'];
        yield 'the last of one letter' => [25, 'Z'];
        yield 'the first of two' => [26, 'AA'];
        yield 'after AZ' => [52, 'BA'];
        yield 'the last of two' => [701, 'ZZ'];
        yield 'the first of three' => [702, 'AAA'];
    }

    #[DataProvider('columns')]
    public function test_columns_have_their_letters(int $number, string $letters): void
    {
        $row = array_fill(0, $number, null);
        $row[] = 'here';
        $cells = self::sheet([$row])->xpath('//x:c');
        self::assertSame(
            ["{$letters}1"],
            array_map(static fn(\SimpleXMLElement $cell): string => (string) $cell['r'], is_array($cells) ? $cells : []),
        );
    }

    public function test_titles_that_no_sheet_may_have(): void
    {
        $book = self::part(Spreadsheet::of('Rooms: [A/B]*? of "Tamarind" and a good deal more', [['x']]), 'xl/workbook.xml');
        $name = (string) $book->sheets->sheet['name'];
        self::assertSame('Rooms   A B    of "Tamarind" an', $name, 'thirty-one characters');
    }

    /** @param list<list<string|float|int|bool|null>> $rows */
    private static function sheet(array $rows): \SimpleXMLElement
    {
        $sheet = self::part(Spreadsheet::of('Sheet', $rows), 'xl/worksheets/sheet1.xml');
        $sheet->registerXPathNamespace('x', 'http://schemas.openxmlformats.org/spreadsheetml/2006/main');

        return $sheet;
    }

    private static function part(string $workbook, string $part): \SimpleXMLElement
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'xlsx');
        file_put_contents($file, $workbook);
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        $content = (string) $zip->getFromName($part);
        $zip->close();
        unlink($file);

        return new \SimpleXMLElement($content);
    }
}
