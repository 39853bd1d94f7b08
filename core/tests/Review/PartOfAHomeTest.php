<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\SubjectType;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A bathroom surveyed by itself: 2400 by 1800, a door into the rest of the home, a window in its outer wall. */
final class PartOfAHomeTest extends TestCase
{
    /** @return iterable<string, array{RuleBook}> */
    public static function books(): iterable
    {
        $files = glob(__DIR__.'/../../rulebooks/*.yaml');
        foreach ($files === false ? [] : $files as $file) {
            yield basename($file) => [(new RuleBookReader(Catalogue::standard()))->readFile($file)];
        }
    }

    #[DataProvider('books')]
    public function test_findings_are_about_the_bathroom_alone(RuleBook $book): void
    {
        $asked = 0;
        foreach (self::findings(self::bathroom('part'), $book) as $finding) {
            $isWhole = in_array($finding->subject->type(), [SubjectType::Dwelling, SubjectType::Storey], true);
            self::assertTrue(!$isWhole || $finding->verdict() === Verdict::NotApplicable, $finding->fingerprint());
            self::assertTrue(
                !$isWhole || $finding->reason() === 'Only a part of the home is drawn.' || $finding->rule->off !== null,
            );
            self::assertStringNotContainsString('outside', implode(' ', $finding->outcome->missing), $finding->fingerprint());
            ++$asked;
        }
        self::assertGreaterThan(0, $asked);
    }

    public function test_a_door_in_an_inner_wall_leads_indoors_and_a_window_in_an_outer_one_outside(): void
    {
        foreach (['part' => false, 'whole' => true] as $scope => $isToOutside) {
            $home = new Home(self::bathroom($scope));
            self::assertSame($isToOutside, $home->openings[0]->isToOutside(), $scope);
            self::assertTrue($home->openings[1]->isToOutside());
            self::assertSame($scope === 'part' ? 'the rest of the home' : 'outside', $home->openings[0]->across($home->rooms[0])->words());
        }
    }

    /** The whole-home rules speak again as soon as it is the whole home. */
    public function test_of_a_whole_home_what_it_lacks_is_found(): void
    {
        $book = (new RuleBookReader(Catalogue::standard()))->readFile(__DIR__.'/../../rulebooks/us-irc-2021.yaml');
        $open = static fn(string $scope): int => count(array_filter(
            self::findings(self::bathroom($scope), $book),
            static fn(Finding $finding): bool => $finding->verdict() === Verdict::Violated
                && $finding->subject->type() === SubjectType::Dwelling,
        ));
        self::assertSame(0, $open('part'));
        self::assertGreaterThan(2, $open('whole'));
    }

    /** @return list<Finding> */
    private static function findings(Layout $layout, RuleBook $book): array
    {
        return (new Examiner(Catalogue::standard()))->examine(new Home($layout), [$book])->findings;
    }

    private static function bathroom(string $scope): Layout
    {
        $wall = static fn(string $id, array $from, array $to, string $type): array => [
            'id' => $id, 'from' => $from, 'to' => $to, 'thickness' => 100, 'type' => $type,
        ];

        return (new LayoutReader())->read(json_encode([
            'format' => 'heurema-layout', 'version' => 1, 'name' => 'Bathroom', 'units' => 'metric', 'scope' => $scope,
            'storeys' => [[
                'id' => 'G', 'elevation' => 0, 'ceiling' => 2400,
                'walls' => [
                    $wall('a', [0, 0], [2500, 0], 'interior'),
                    $wall('b', [2500, 0], [2500, 1900], 'interior'),
                    $wall('c', [2500, 1900], [0, 1900], 'exterior'),
                    $wall('d', [0, 1900], [0, 0], 'interior'),
                ],
                'openings' => [
                    [
                        'id' => 'o1', 'kind' => 'door', 'wall' => 'a', 'at' => 600, 'width' => 800, 'height' => 2040,
                        'operation' => 'hinged',
                        'hinge' => 'from', 'opens' => 'left', 'threshold' => 10,
                    ],
                    [
                        'id' => 'o2', 'kind' => 'window', 'wall' => 'c', 'at' => 1200, 'width' => 600, 'height' => 900, 'sill' => 1100,
                        'operation' => 'casement',
                    ],
                ],
                'rooms' => [['id' => 'r', 'name' => 'Bathroom', 'use' => 'bathroom', 'at' => [1200, 900], 'lit' => true]],
                'fixtures' => [[
                    'id' => 'f1', 'kind' => 'water_closet', 'at' => [2050, 1850], 'facing' => 270, 'width' => 380, 'depth' => 680,
                    'height' => 780,
                ]],
            ]]], JSON_THROW_ON_ERROR));
    }
}
