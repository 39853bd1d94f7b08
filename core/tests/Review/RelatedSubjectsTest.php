<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** Among what a rule looks: a room has what is in it, a storey what stands on it, the dwelling everything. */
final class RelatedSubjectsTest extends TestCase
{
    private const BOOK = "book: b\ntitle: B\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\nrules:\n";

    public function test_windows_and_fixtures_are_looked_for_where_the_subject_is(): void
    {
        // a window and a bath in the one room of the lower storey, a door and nothing else in the other, an empty storey above
        $home = Sketch::room(8000, 3000)->wall([4000, 0], [4000, 3000])->use('q', 'study', 1000, 1500)
            ->with(['rooms' => [
                ['id' => 'r', 'name' => 'R', 'use' => 'bedroom', 'at' => [6000, 1500]],
                ['id' => 'q', 'name' => 'Q', 'use' => 'study', 'at' => [1000, 1500]],
            ]])
            ->window('w1', 6100, 1200, 1200, ['id' => 'n'])
            ->door('w5', 1500, 900)
            ->fixture('f', 'bath', 6000, 0, 90, 1700, 750)
            ->upper(['elevation' => 2700, 'rooms' => [['id' => 'u', 'name' => 'U', 'use' => 'study', 'at' => [1000, 1500]]]]);
        $found = [];
        $report = (new Examiner(Catalogue::standard()))->examine($home->home(), [
            (new RuleBookReader(Catalogue::standard()))->read(self::BOOK.self::rules(), 'b.yaml'),
        ]);
        foreach ($report->findings as $finding) {
            $found[$finding->rule->id][$finding->subject->id()] = $finding->verdict() === Verdict::Met;
        }
        $rooms = ['r' => true, 'q' => false, 'u' => false];
        $storeys = ['G' => true, 'U' => false];
        self::assertEquals([
            'room-windows' => $rooms, 'room-fixtures' => $rooms, 'room-doors' => ['r' => true, 'q' => true, 'u' => false],
            'storey-windows' => $storeys, 'storey-fixtures' => $storeys, 'storey-doors' => $storeys,
            ...array_fill_keys(['dwelling-windows', 'dwelling-fixtures', 'dwelling-doors'], ['dwelling' => true]),
        ], $found);
    }

    private static function rules(): string
    {
        $rules = '';
        foreach (['room', 'storey', 'dwelling'] as $subject) {
            foreach (['windows' => 'window.width', 'fixtures' => 'fixture.width', 'doors' => 'door.width'] as $among => $measure) {
                $rules .= "  - id: {$subject}-{$among}\n    clause: '1'\n    title: T\n    subject: {$subject}\n    why: w\n    source: s\n"
                    ."    exists:\n      - among: {$among}\n        needs:\n          - { measure: {$measure}, at_least: 1 mm }\n";
            }
        }

        return $rules;
    }
}
