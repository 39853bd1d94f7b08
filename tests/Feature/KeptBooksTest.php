<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Examination\KeptBookReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\UnreadableRuleBook;
use Illuminate\Support\Facades\File;
use Tests\TestCase;

final class KeptBooksTest extends TestCase
{
    private const BOOK = "book: b\ntitle: %s\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\nrules:\n "
        ." - { id: a, clause: '1', title: T, subject: room, measure: room.floor_area, at_least: 7 m2, why: w, source: s }\n";

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/heurema-kept-'.bin2hex(random_bytes(6));
        File::makeDirectory("{$this->folder}/books", 0o755, true);
        $this->write('First');
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_book_is_the_same_whether_read_or_kept(): void
    {
        $read = (new RuleBookReader(Catalogue::standard()))->readFile($this->file());
        self::assertEquals($read, $this->reader()->readFile($this->file()));
        self::assertCount(1, $this->kept());
        self::assertEquals($read, $this->reader()->readFile($this->file()));
        self::assertCount(1, $this->kept());
    }

    public function test_a_changed_book_is_read_anew(): void
    {
        self::assertSame('First', $this->reader()->readFile($this->file())->title);
        $this->write('Second');
        self::assertSame('Second', $this->reader()->readFile($this->file())->title);
    }

    /** Its rules are those of the book that it amends, which stands beside it. */
    public function test_a_book_is_read_anew_when_the_one_that_it_amends_has_changed(): void
    {
        $amending = "{$this->folder}/books/a.yaml";
        $head = str_replace('book: b', 'book: a', explode('rules:', sprintf(self::BOOK, 'Amending'))[0]);
        File::put($amending, "{$head}amends: b\nchanges:\n  - { rule: a, at_least: 8 m2, because: c }\n");
        self::assertSame('T', $this->reader()->readFile($amending)->rules[0]->title);
        File::put($this->file(), str_replace('title: T,', 'title: Another,', sprintf(self::BOOK, 'First')));
        touch($this->file(), time() + 5);
        clearstatcache();
        self::assertSame('Another', $this->reader()->readFile($amending)->rules[0]->title);
    }

    public function test_what_was_kept_badly_is_read_anew(): void
    {
        $this->reader()->readFile($this->file());
        $otherType = str_replace('s:5:"title";s:5:"First"', 's:5:"title";i:5', File::get($this->kept()[0]), $count);
        self::assertSame(1, $count);
        foreach (['', 'O:8:"stdClass":0:{}', 'half a bo', $otherType] as $content) {
            File::put($this->kept()[0], $content);
            self::assertSame('First', $this->reader()->readFile($this->file())->title);
        }
    }

    public function test_other_code_reads_it_anew(): void
    {
        $this->reader()->readFile($this->file());
        $this->reader('other code')->readFile($this->file());
        self::assertCount(2, $this->kept());
    }

    public function test_the_stamp_of_the_code_is_another_with_every_file_of_the_core(): void
    {
        $stamp = static fn(): mixed => require base_path('config/rules.php');
        $before = $stamp();
        self::assertSame($before, $stamp());
        $file = base_path('core/src/Rulebook/Language/Fact.php');
        $time = (int) filemtime($file);
        try {
            touch($file, $time + 1);
            clearstatcache();
            self::assertNotSame($before, $stamp());
        } finally {
            touch($file, $time);
            clearstatcache();
        }
    }

    public function test_a_book_that_makes_no_sense_is_not_kept(): void
    {
        File::put($this->file(), 'book: b');
        try {
            $this->reader()->readFile($this->file());
            self::fail('Not refused.');
        } catch (UnreadableRuleBook) {
            self::assertSame([], $this->kept());
        }
    }

    private function reader(string $code = 'this code'): KeptBookReader
    {
        return new KeptBookReader(new RuleBookReader(Catalogue::standard()), "{$this->folder}/kept", $code);
    }

    private function file(): string
    {
        return "{$this->folder}/books/b.yaml";
    }

    private function write(string $title): void
    {
        File::put($this->file(), sprintf(self::BOOK, $title));
    }

    /** @return list<string> */
    private function kept(): array
    {
        $files = glob("{$this->folder}/kept/*");

        return $files === false ? [] : $files;
    }
}
