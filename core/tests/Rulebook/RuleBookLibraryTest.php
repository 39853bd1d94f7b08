<?php

declare(strict_types=1);

namespace Heurema\Tests\Rulebook;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\UnreadableRuleBook;
use PHPUnit\Framework\TestCase;

/** The rule books of a folder: those that can be read, why the others cannot, and how large one may be. */
final class RuleBookLibraryTest extends TestCase
{
    private const LARGEST = 2 * 1024 * 1024;
    private const LOCAL = "book: local\ntitle: L\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\n"
        ."amends: base\noff: []\n";

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/heurema-library-'.getmypid();
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        $files = glob("{$this->folder}/*");
        array_map(unlink(...), $files === false ? [] : $files);
        rmdir($this->folder);
    }

    public function test_books_that_can_be_read_and_why_others_cannot(): void
    {
        self::assertSame([[], [], []], [$this->library()->ids(), $this->library()->readable(), $this->library()->unreadable()]);
        $this->write('good', self::book('good'));
        $this->write('other', self::book('another'));
        $this->write('torn', 'book: [');
        $library = $this->library();
        self::assertSame(['good', 'other', 'torn'], $library->ids());
        self::assertSame(['good'], array_map(static fn(RuleBook $book): string => $book->id, $library->readable()));
        $reasons = $library->unreadable();
        self::assertSame(['other', 'torn'], array_keys($reasons));
        self::assertStringContainsString('it calls itself "another"', $reasons['other']);
        self::assertSame($library->book('good'), $library->book('good'), 'read once');
        $this->expectExceptionMessage('no such rule book; there are good, other, torn');
        $library->book('missing');
    }

    public function test_texts_come_with_those_of_the_books_they_amend(): void
    {
        $this->write('base', self::book('base'));
        $this->write('local', self::LOCAL);
        self::assertSame(['base'], array_keys($this->library()->texts('base')));
        self::assertSame(['local', 'base'], array_keys($this->library()->texts('local')));
        self::assertNull($this->library()->text('missing'));
        self::assertSame('base', $this->library()->book('local')->amends);
    }

    public function test_the_stamp_changes_with_every_book(): void
    {
        $this->write('base', self::book('base'));
        $before = $this->library()->stamp();
        self::assertSame($before, $this->library()->stamp());
        $this->write('base', self::book('base')."# more\n");
        clearstatcache();
        self::assertNotSame($before, $this->library()->stamp());
    }

    /** Two megabytes are read, a byte more is not; of a book that is amended, too. */
    public function test_how_large_a_book_may_be(): void
    {
        $base = self::book('base');
        $filled = static fn(int $size): string => $base.'#'.str_repeat('x', $size - strlen($base) - 1);
        $this->write('base', $filled(self::LARGEST));
        $this->write('local', self::LOCAL);
        self::assertSame('base', $this->library()->book('base')->id);
        self::assertSame('base', $this->library()->book('local')->amends);
        $this->write('base', $filled(self::LARGEST + 1));
        clearstatcache();
        foreach (['base' => 'at most 2 MB', 'local' => 'there is no rule book "base" to amend'] as $id => $reason) {
            try {
                $this->library()->book($id);
                self::fail("{$id} was read.");
            } catch (UnreadableRuleBook $e) {
                self::assertStringContainsString($reason, $e->getMessage());
            }
        }
    }

    private function library(): RuleBookLibrary
    {
        return new RuleBookLibrary($this->folder, new RuleBookReader(Catalogue::standard()));
    }

    private function write(string $id, string $text): void
    {
        file_put_contents("{$this->folder}/{$id}.yaml", $text);
    }

    private static function book(string $id): string
    {
        return "book: {$id}\ntitle: B\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\nrules:\n"
            ."  - { id: a, clause: '1', title: T, subject: room, measure: room.floor_area, at_least: 7.5 m2, why: w, source: s }\n";
    }
}
