<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Rules\KeptBookReader;
use Heurema\Measure\Catalogue;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\UnreadableRuleBook;
use Illuminate\Support\Facades\File;
use Tests\TestCase;

final class KeptBooksTest extends TestCase
{
    private const BOOK = "book: b\ntitle: %s\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\nrules:\n  - { id: a, clause: '1', title: T, subject: room, measure: room.floor_area, at_least: 7 m2, why: w, source: s }\n";

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

    public function test_what_was_kept_badly_is_read_anew(): void
    {
        $this->reader()->readFile($this->file());
        foreach (['', 'O:8:"stdClass":0:{}', 'half a bo'] as $content) {
            File::put($this->kept()[0], $content);
            self::assertSame('First', $this->reader()->readFile($this->file())->title);
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

    private function reader(): KeptBookReader
    {
        return new KeptBookReader(new RuleBookReader(Catalogue::standard()), "{$this->folder}/kept");
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
