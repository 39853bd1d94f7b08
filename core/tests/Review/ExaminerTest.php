<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/**
 * Whole drawings through the whole core, with every limit of us-irc-2021 drawn just under, at and just over.
 *
 * Limits: International Residential Code 2021, the clause beside each; values from memory.
 */
final class ExaminerTest extends TestCase
{
    private const INCH = 25.4;

    public function test_room_area_r304_1(): void
    {
        // 70 sq ft = 10 ft x 7 ft
        $verdict = static fn(float $width): Verdict => self::verdict('room-area', Sketch::room($width, 84 * self::INCH), 'r');
        self::assertSame(Verdict::Violated, $verdict(120 * self::INCH - 1));
        self::assertSame(Verdict::Met, $verdict(120 * self::INCH));
        self::assertSame(Verdict::Met, $verdict(120 * self::INCH + 1));
    }

    public function test_room_width_r304_2(): void
    {
        $verdict = static fn(float $depth): Verdict => self::verdict('room-width', Sketch::room(4000, $depth), 'r');
        self::assertSame(Verdict::Violated, $verdict(84 * self::INCH - 0.1));
        self::assertSame(Verdict::Met, $verdict(84 * self::INCH));
        self::assertSame(Verdict::Met, $verdict(84 * self::INCH + 0.1));
    }

    public function test_ceiling_r305_1(): void
    {
        $verdict = static fn(?float $ceiling): Verdict => self::verdict(
            'ceiling-habitable',
            Sketch::room(4000, 3000)->with(['ceiling' => $ceiling]),
            'r',
        );
        self::assertSame(Verdict::Violated, $verdict(84 * self::INCH - 0.1));
        self::assertSame(Verdict::Met, $verdict(84 * self::INCH));
        self::assertSame(Verdict::Undetermined, $verdict(null));
    }

    public function test_glass_and_air_r303_1(): void
    {
        // a floor of 12 m2 asks for 0.96 m2 of glass and 0.48 m2 of opening; glass 1200 wide, frames 50
        $sketch = static fn(float $height, string $operation): Sketch => Sketch::room(4000, 3000)->window(
            'w1',
            2000,
            1300,
            $height + 100,
            ['frame' => 50, 'operation' => $operation, 'sill' => 800],
        );
        self::assertSame(Verdict::Violated, self::verdict('glass-ratio', $sketch(799, 'casement'), 'r'));
        self::assertSame(Verdict::Met, self::verdict('glass-ratio', $sketch(800, 'casement'), 'r'));
        self::assertSame(Verdict::Violated, self::verdict('vent-ratio', $sketch(799, 'sliding'), 'r'));
        self::assertSame(Verdict::Met, self::verdict('vent-ratio', $sketch(800, 'sliding'), 'r'));
        self::assertSame(Verdict::Violated, self::verdict('vent-ratio', $sketch(2000, 'fixed'), 'r'));
    }

    public function test_water_closet_p2705_1(): void
    {
        $side = static fn(float $inches): Verdict => self::verdict(
            'toilet-side',
            Sketch::room(2000, 1800, 'wc')->fixture('f', 'water_closet', $inches * self::INCH, 0, 90, 380, 700),
            'f',
        );
        self::assertSame(Verdict::Violated, $side(14.99));
        self::assertSame(Verdict::Advised, $side(15));
        self::assertSame(Verdict::Advised, $side(17.99));
        self::assertSame(Verdict::Met, $side(18));
        $front = static fn(float $inches): Verdict => self::verdict(
            'toilet-front',
            Sketch::room(2000, 700 + $inches * self::INCH, 'wc')->fixture('f', 'water_closet', 1000, 0, 90, 380, 700),
            'f',
        );
        self::assertSame(Verdict::Violated, $front(20.99));
        self::assertSame(Verdict::Advised, $front(21));
        self::assertSame(Verdict::Met, $front(24));
    }

    public function test_has_toilet_r306_1(): void
    {
        self::assertSame(Verdict::Violated, self::verdict('has-toilet', Sketch::room(4000, 3000), 'dwelling'));
        self::assertSame(
            Verdict::Met,
            self::verdict('has-toilet', Sketch::room(4000, 3000)->fixture('f', 'water_closet', 500, 0, 90, 380, 700), 'dwelling'),
        );
        self::assertSame(
            Verdict::Violated,
            self::verdict(
                'has-toilet',
                Sketch::room(4000, 3000)->fixture('f', 'water_closet', 500, 0, 90, 380, 700, ['status' => 'removed']),
                'dwelling',
            ),
        );
    }

    public function test_egress_door_r311_2(): void
    {
        $verdict = static fn(
            float $width,
            float $height,
            string $operation = 'hinged',
        ): Verdict => self::verdict('egress-door', Sketch::room(4000, 3000)
            ->door(
                'w1',
                2000,
                1000,
                ['clear_width' => $width * self::INCH, 'clear_height' => $height * self::INCH, 'operation' => $operation],
            ), 'dwelling');
        self::assertSame(Verdict::Met, $verdict(32, 78));
        self::assertSame(Verdict::Violated, $verdict(31.99, 78));
        self::assertSame(Verdict::Violated, $verdict(32, 77.99));
        self::assertSame(Verdict::Violated, $verdict(40, 80, 'sliding'));
        self::assertSame(Verdict::Violated, self::verdict('egress-door', Sketch::room(4000, 3000), 'dwelling'));
    }

    public function test_escape_r310(): void
    {
        $sketch = static fn(
            float $width,
            float $height,
            float $sill,
            float $grade,
        ): Sketch => Sketch::room(4000, 3000)->document(['grade' => $grade])->window('w1', 2000, 1500, 1500, [
            'operation' => 'casement', 'clear_width' => $width * self::INCH, 'clear_height' => $height * self::INCH, 'frame' => 0,
            'sill' => $sill * self::INCH,
        ]);
        $verdict = static fn(
            float $width,
            float $height,
            float $sill,
            float $grade = -3000,
        ): Verdict => self::verdict('escape', $sketch($width, $height, $sill, $grade), 'r');
        // 5.7 sq ft = 820.8 sq in = 20 in x 41.04 in; 5.0 sq ft = 720 sq in = 20 in x 36 in
        self::assertSame(Verdict::Met, $verdict(20, 41.04, 44));
        self::assertSame(Verdict::Violated, $verdict(20, 41, 44));
        self::assertSame(Verdict::Violated, $verdict(19.99, 45, 44));
        self::assertSame(Verdict::Violated, $verdict(40, 23.99, 44));
        self::assertSame(Verdict::Violated, $verdict(20, 41.04, 44.1));
        self::assertSame(Verdict::Met, $verdict(20, 36, 44, 0));
        self::assertSame(Verdict::Violated, $verdict(20, 35.9, 44, 0));
        self::assertSame(Verdict::Violated, $verdict(20, 36, 44, -10));
    }

    public function test_escape_names_the_best_candidate_and_each_shortfall(): void
    {
        $home = Sketch::room(4000, 3000)->document(['grade' => -3000])
            ->window('w1', 2000, 1500, 1500, ['operation' => 'double_hung', 'frame' => 50, 'sill' => 1400])
            ->add(
                'openings',
                [
                    'id' => 'm', 'kind' => 'window', 'wall' => 'w2', 'at' => 1500, 'width' => 500, 'height' => 500, 'sill' => 1500,
                    'operation' => 'awning',
                ],
            );
        $finding = self::finding('escape', $home, 'r');
        self::assertSame('Best: Lower window W2 of R: clear sill 1450 mm, at most 3\'-8" (1117.6 mm) wanted.', $finding->reason());
        self::assertEqualsWithDelta(1450.0, $finding->outcome->measured->number ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(44 * self::INCH, $finding->outcome->limit->number ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(44 * self::INCH - 1450, $finding->outcome->margin, 1e-9);
    }

    public function test_hall_r311_6(): void
    {
        $verdict = static fn(float $depth): Verdict => self::verdict('hall-width', Sketch::room(4000, $depth, 'hall'), 'r');
        self::assertSame(Verdict::Violated, $verdict(914.3));
        self::assertSame(Verdict::Met, $verdict(914.36));
        self::assertSame(Verdict::Met, $verdict(914.4));
    }

    public function test_stairs_r311_7_5(): void
    {
        $stair = static fn(float $rise, float $tread): Sketch => Sketch::room(4000, 3000)->stair(
            ['parts' => [['flight' => ['risers' => 10, 'tread' => $tread]]]],
            10 * $rise,
        );
        self::assertSame(Verdict::Violated, self::verdict('stair-riser', $stair(7.76 * self::INCH, 254), 's'));
        self::assertSame(Verdict::Met, self::verdict('stair-riser', $stair(7.75 * self::INCH, 254), 's'));
        self::assertSame(Verdict::Violated, self::verdict('stair-tread', $stair(190, 253.9), 's'));
        self::assertSame(Verdict::Met, self::verdict('stair-tread', $stair(190, 254), 's'));
    }

    public function test_met_by_less_than_the_building_tolerance_is_slim(): void
    {
        // the tolerance of the book: 3/8 in
        self::assertTrue(self::finding('hall-width', Sketch::room(4000, 36.37 * self::INCH, 'hall'), 'r')->outcome->slim);
        self::assertFalse(self::finding('hall-width', Sketch::room(4000, 36.38 * self::INCH, 'hall'), 'r')->outcome->slim);
        self::assertFalse(self::finding('hall-width', Sketch::room(4000, 35 * self::INCH, 'hall'), 'r')->outcome->slim);
    }

    public function test_amounts_are_said_in_the_books_units_with_the_other_system_beside_or_briefly(): void
    {
        $missed = self::finding('hall-width', Sketch::room(4000, 35 * self::INCH, 'hall'), 'r');
        self::assertSame(
            ['35" (889 mm)', '36" (914.4 mm)', '1" (25.4 mm)'],
            [$missed->measuredText(), $missed->limitText(), $missed->missedText()],
        );
        self::assertSame(['35"', '36"', '1"'], [$missed->measuredBriefly(), $missed->limitBriefly(), $missed->missedBriefly()]);
        $met = self::finding('hall-width', Sketch::room(4000, 37 * self::INCH, 'hall'), 'r');
        self::assertSame([null, null], [$met->missedText(), $met->missedBriefly()]);
        $inFeet = self::finding('room-width', Sketch::room(4000, 78 * self::INCH), 'r');
        self::assertSame(
            ['6\'-6" (1981.2 mm)', '7\'-0" (2133.6 mm)', '6" (152.4 mm)'],
            [$inFeet->measuredText(), $inFeet->limitText(), $inFeet->missedText()],
        );
        self::assertSame('short', $missed->missedWay());
        $steep = Sketch::room(4000, 3000)->stair(['parts' => [['flight' => ['risers' => 10, 'tread' => 254]]]], 80 * self::INCH);
        self::assertSame('over', self::finding('stair-riser', $steep, 's')->missedWay());
    }

    public function test_findings_say_how_their_value_came_about_and_what_was_taken_to_be_so(): void
    {
        $area = self::finding('room-area', Sketch::room(4000, 3000), 'r');
        self::assertSame(Said::all($area->outcome->working), $area->working());
        self::assertNotSame([], $area->working());
        self::assertSame(Said::all($area->outcome->assumptions), $area->assumptions());
    }

    /** To six decimals, the margin too. */
    public function test_findings_are_written_as_they_are_or_those_of_some_verdicts_alone(): void
    {
        $report = self::examine(Sketch::room(3000.7, 1000.9)->layout());
        [$all, $violated] = [self::written($report, []), self::written($report, [Verdict::Violated])];
        self::assertCount(count($report->findings), $all);
        self::assertSame(['violated'], array_values(array_unique(array_column($violated, 'verdict'))));
        $area = $violated['us-irc-2021/room-area r'] ?? self::fail('The room is too small.');
        // 3.00340063 m² against 70 sq ft, 6.5032128 m²
        self::assertSame([-3.499812, 3.003401, false], [$area['margin'], $area['measured']['value'], $area['slim']]);
        foreach ($all as $name => $one) {
            self::assertFalse($one['slim'] && $one['verdict'] !== 'met', "{$name} is neither met nor nearly so");
        }
    }

    /**
     * @param list<Verdict> $only
     *
     * @return array<string, array{verdict: string, slim: bool, margin: float|null, measured: array{value: float}}> by rule and subject
     */
    private static function written(Report $report, array $only): array
    {
        /**
         * @var list<array{
         *     rule: string, subject: array{id: string}, verdict: string, slim: bool, margin: float|null, measured: array{value: float}
         * }> $findings
         */
        $findings = $report->toArray($only)['findings'];

        return array_combine(array_map(static fn(array $one): string => "{$one['rule']} {$one['subject']['id']}", $findings), $findings);
    }

    public function test_an_exception_is_named_when_it_is_used(): void
    {
        $home = Sketch::room(4000, 3000)->with([
            'rooms' => [['id' => 'r', 'name' => 'R', 'use' => 'living', 'at' => [2000, 1500], 'lit' => true]],
        ]);
        self::assertSame(Verdict::Violated, self::verdict('glass-ratio', $home, 'r'));
        $finding = self::finding('glass-ratio', $home, 'r', ['whole_house_ventilation' => true]);
        self::assertSame(Verdict::Met, $finding->verdict());
        self::assertStringContainsString('exception 3', (string) $finding->reason());
    }

    public function test_the_same_home_and_books_give_the_same_report(): void
    {
        $json = (string) file_get_contents(__DIR__.'/../../../database/demo/orchard-terrace.json');
        self::assertSame(
            self::examine((new LayoutReader())->read($json))->toArray(),
            self::examine((new LayoutReader())->read($json))->toArray(),
        );
    }

    public function test_the_worst_misses_its_limit_by_the_largest_share(): void
    {
        $report = self::examine((new LayoutReader())->read((string) file_get_contents(
            __DIR__.'/../../../database/demo/orchard-terrace.json',
        )));
        $worst = $report->worst();
        self::assertSame(Verdict::Violated, $worst?->verdict());
        foreach ($report->findings as $finding) {
            self::assertTrue(
                $finding->verdict() !== Verdict::Violated || $finding->outcome->shortfall() <= $worst->outcome->shortfall(),
                $finding->fingerprint(),
            );
        }
        self::assertNull((new Report($report->home, [], []))->worst());
    }

    public function test_the_demo_home_has_violations_of_many_kinds(): void
    {
        $report = self::examine((new LayoutReader())->read((string) file_get_contents(
            __DIR__.'/../../../database/demo/orchard-terrace.json',
        )));
        $violated = array_filter($report->findings, static fn(Finding $finding): bool => $finding->verdict() === Verdict::Violated);
        $kinds = array_unique(array_map(static fn(Finding $finding): string => $finding->rule->id, $violated));
        self::assertGreaterThanOrEqual(8, count($kinds));
        self::assertGreaterThan(0, $report->counts()['advised']);
        self::assertGreaterThan(0, $report->counts()['undetermined']);
        foreach ($violated as $finding) {
            self::assertNotSame([], $finding->outcome->witness, "{$finding->fingerprint()} shows nothing on the plan.");
        }
    }

    public function test_the_report_fits_its_published_schema(): void
    {
        $report = self::examine((new LayoutReader())->read((string) file_get_contents(
            __DIR__.'/../../../database/demo/orchard-terrace.json',
        )));
        $schema = (string) file_get_contents(__DIR__.'/../../schema/findings-1.schema.json');
        self::assertTrue(
            (new Validator())->validate(json_decode(json_encode($report->toArray(), JSON_THROW_ON_ERROR)), $schema)->isValid(),
        );
    }

    /** @param array<string, Amount|bool|string> $settings */
    private static function finding(string $rule, Sketch $sketch, string $subject, array $settings = []): Finding
    {
        $finding = self::examine($sketch->layout(), $settings)->finding("us-irc-2021/{$rule}/{$subject}");
        self::assertNotNull($finding);

        return $finding;
    }

    private static function verdict(string $rule, Sketch $sketch, string $subject): Verdict
    {
        return self::finding($rule, $sketch, $subject)->verdict();
    }

    /** @param array<string, Amount|bool|string> $settings */
    private static function examine(Layout $layout, array $settings = []): Report
    {
        $measures = Catalogue::standard();
        $book = (new RuleBookReader($measures))->readFile(__DIR__.'/../../rulebooks/us-irc-2021.yaml');

        return (new Examiner($measures))->examine(new Home($layout), [$book], $settings);
    }
}
