<?php

declare(strict_types=1);

namespace Heurema\Tests\Ifc;

use Heurema\Ifc\Step\Enumeration;
use Heurema\Ifc\Step\Reference;
use Heurema\Ifc\Step\StepFile;
use Heurema\Ifc\Step\Text;
use Heurema\Ifc\Step\UnreadableFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** STEP physical files, ISO 10303-21: tokens, entities, and what is wrong with a file. */
final class StepFileTest extends TestCase
{
    public function test_values_are_read_by_the_names_of_their_attributes(): void
    {
        $file = self::file("#7 = IFCDOOR('0abc',#1,'A ''door''',\$,*,#8,#9,'tag',2.1E0,0.9,.DOOR.,.SINGLE_SWING_LEFT.);");
        $door = $file->get(7);
        self::assertSame(['IFCDOOR', "A 'door'", 2.1], [$door->type, $door->text('Name'), $door->number('OverallHeight')]);
        self::assertNull($door->text('Description'));
        self::assertNull($door->get('ObjectType'));
        self::assertSame('SINGLE_SWING_LEFT', $door->word('OperationType'));
        self::assertEquals(new Reference(8), $door->get('ObjectPlacement'));
        self::assertSame([$door], $file->all('IFCDOOR'));
        self::assertSame([], $file->all('IFCWINDOW'));
    }

    public function test_lists_typed_values_and_comments(): void
    {
        $file = self::file("/* before */ #1=IFCCARTESIANPOINTLIST2D(((0.,1.),(2.5,-3.)));\n"
            ."#2= IFCPROPERTYSINGLEVALUE('IsExternal',\$,IFCBOOLEAN(.T.),\$); /* a ; and a ' in it */ #3 =IFCPOLYLINE((#4,#5)) ;");
        self::assertSame([[0.0, 1.0], [2.5, -3.0]], $file->get(1)->rows('CoordList'));
        self::assertEquals(new Enumeration('T'), $file->get(2)->get('NominalValue'));
        self::assertTrue($file->get(2)->yesNo('NominalValue'));
        self::assertSame([4, 5], $file->get(3)->ids('Points'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function texts(): iterable
    {
        yield 'plain' => ['Kitchen', 'Kitchen'];
        yield 'a quote' => ["Cook''s", "Cook's"];
        yield 'one letter of Latin 1' => ['K\\S\\|che', 'Küche'];
        yield 'one letter by its number' => ['K\\X\\FCche', 'Küche'];
        yield 'two bytes a letter' => ['\\X2\\0928092E\\X0\\ x', 'नम x'];
        yield 'four bytes a letter' => ['\\X4\\0001F3E0\\X0\\', '🏠'];
        yield 'a backslash' => ['C:\\\\x', 'C:\\x'];
        yield 'UTF-8 as it is' => ['Küche', 'Küche'];
        yield 'Latin 1 as it is' => ["K\xFCche", 'Küche'];
    }

    #[DataProvider('texts')]
    public function test_strings(string $written, string $read): void
    {
        self::assertSame($read, Text::read($written));
    }

    /** @return iterable<string, array{string, string}> what a file holds, and why it is refused */
    public static function refusals(): iterable
    {
        $head = "ISO-10303-21;\nHEADER;\nFILE_SCHEMA(('IFC4'));\nENDSEC;\nDATA;\n";
        yield 'another kind of file' => ['{"format": "heurema-layout"}', 'does not begin with ISO-10303-21'];
        yield 'empty' => ['', 'does not begin with ISO-10303-21'];
        yield 'no schema' => ["ISO-10303-21;\nHEADER;\nENDSEC;\nDATA;\nENDSEC;", 'does not say its schema'];
        yield 'another schema' => [
            "ISO-10303-21;\nHEADER;\nFILE_SCHEMA(('AUTOMOTIVE_DESIGN'));\nENDSEC;\nDATA;\nENDSEC;",
            'Its schema is AUTOMOTIVE_DESIGN',
        ];
        yield 'no data' => ["ISO-10303-21;\nHEADER;\nFILE_SCHEMA(('IFC4'));\nENDSEC;", 'no DATA section'];
        yield 'cut off within an entity' => ["{$head}#1=IFCWALL('a');\n#2=IFCDOOR('b',", 'Line 7: expected an entity'];
        yield 'cut off within a string' => ["{$head}#1=IFCWALL('a');\n#2=IFCDOOR('b", 'the last one that is whole is #1'];
        yield 'cut off between entities' => ["{$head}#1=IFCWALL('a');\n", 'the last one that is whole is #1'];
        yield 'something else among entities' => ["{$head}#1=IFCWALL('a');\nhello\nENDSEC;", 'Line 7: expected an entity'];
        yield 'a number twice' => ["{$head}#1=IFCWALL('a');\n#1=IFCWALL('b');\nENDSEC;", '#1: it is written twice'];
    }

    #[DataProvider('refusals')]
    public function test_a_broken_file_is_refused_with_its_place(string $text, string $why): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($why);
        new StepFile($text);
    }

    /** @return iterable<string, array{string, string}> */
    public static function brokenEntities(): iterable
    {
        yield 'a reference to nothing' => ['#1=IFCPOLYLINE((#2));', '#2: it is referred to and not written anywhere'];
        yield 'no comma' => ['#1=IFCPOLYLINE((#2 #3));', '#1: expected a comma'];
        yield 'no value' => ['#1=IFCPOLYLINE((,));', '#1: expected a value'];
        yield 'something that is no value' => ['#1=IFCPOLYLINE((%));', '#1: something that is no value'];
        yield 'lists without end' => ['#1=IFCPOLYLINE('.str_repeat('(', 60).str_repeat(')', 60).');', '#1: lists stand within lists'];
    }

    #[DataProvider('brokenEntities')]
    public function test_a_broken_entity_is_refused_by_its_number(string $entity, string $why): void
    {
        $file = self::file($entity);
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($why);
        $file->get(1)->many('Points');
    }

    private static function file(string $entities): StepFile
    {
        return new StepFile("ISO-10303-21;\nHEADER;\nFILE_SCHEMA(('IFC4'));\nENDSEC;\nDATA;\n{$entities}\nENDSEC;\nEND-ISO-10303-21;\n");
    }
}
