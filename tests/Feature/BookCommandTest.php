<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** `heurema:book FILE`: reads a book, runs its examples, and leaves with 0, 1 or 2. */
final class BookCommandTest extends TestCase
{
    private const BOOK = <<<'YAML'
        book: mine
        title: Mine
        scope: all
        units: metric
        source: made up
        building_tolerance: 10 mm
        rules:
          - id: width
            clause: '1'
            title: Width
            subject: room
            measure: room.least_width
            at_least: 2 m
            why: w
            source: s
            examples:
              - { says: just under, facts: { room.least_width: 1999.9 mm }, verdict: violated }
              - { says: at the limit, facts: { room.least_width: 2 m }, verdict: %s }
        YAML;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/heurema-book-'.bin2hex(random_bytes(6));
        File::makeDirectory($this->folder);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_book_whose_examples_agree(): void
    {
        $process = $this->book(sprintf(self::BOOK, 'met'));
        self::assertSame([0, "Mine: 1 rules, 2 examples, 0 of them wrong.\n"], [$process->getExitCode(), $process->getOutput()]);
    }

    public function test_an_example_that_does_not_agree_is_told_with_line_rule_wanted_and_got(): void
    {
        $process = $this->book(sprintf(self::BOOK, 'violated'));
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('Line 8, rule width, "at the limit": wanted violated, got met.', $process->getOutput());
    }

    public function test_what_cannot_be_read_is_told_with_its_line(): void
    {
        foreach ([
            ['book: "unfinished', 'mine.yaml'],
            [str_replace('book: mine', 'book: yours', sprintf(self::BOOK, 'met')), 'mine'],
            [str_replace('room.least_width', 'room.leest_width', sprintf(self::BOOK, 'met')), 'line 8'],
            [str_replace('subject: room', 'subject: rom', sprintf(self::BOOK, 'met')), 'rom'],
        ] as [$yaml, $says]) {
            $process = $this->book($yaml);
            self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()], $says);
            self::assertStringContainsString($says, $process->getErrorOutput());
        }
        $missing = new Process([PHP_BINARY, 'artisan', 'heurema:book', "{$this->folder}/none.yaml"], base_path());
        $missing->run();
        self::assertSame(2, $missing->getExitCode());
    }

    private function book(string $yaml): Process
    {
        File::put("{$this->folder}/mine.yaml", $yaml);
        $process = new Process([PHP_BINARY, 'artisan', 'heurema:book', "{$this->folder}/mine.yaml"], base_path());
        $process->run();

        return $process;
    }
}
