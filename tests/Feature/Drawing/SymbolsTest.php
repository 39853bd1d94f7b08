<?php

declare(strict_types=1);

namespace Tests\Feature\Drawing;

use App\Drawing\DimensionLine;
use App\Drawing\FixtureSymbol;
use App\Drawing\LabelPlace;
use App\Drawing\OpeningSymbol;
use App\Drawing\PlanDrawing;
use App\Drawing\Sheet;
use App\Drawing\Svg;
use App\Drawing\VerdictMark;
use App\Drawing\WitnessDrawing;
use App\Drawing\WitnessFigures;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class SymbolsTest extends TestCase
{
    public function test_the_page_has_y_down_and_escapes_what_people_wrote(): void
    {
        self::assertSame('10 -20.5', Svg::at(new Point(10, 20.5)));
        self::assertSame('M0 0L1 -1', Svg::line([new Point(0, 0), new Point(1, 1)]));
        self::assertSame('<a b="&quot;&lt;"></a>', Svg::element('a', ['b' => '"<', 'c' => null]));
        self::assertSame('&lt;script&gt;', Svg::text('<script>'));
    }

    /** @return iterable<string, array{float, float, string}> a dimension's direction, and how its text is turned */
    public static function directions(): iterable
    {
        yield 'to the right' => [1, 0, 'rotate(0)'];
        yield 'to the left' => [-1, 0, 'rotate(0)'];
        yield 'up' => [0, 1, 'rotate(-90)'];
        yield 'down' => [0, -1, 'rotate(-90)'];
        yield 'aslant' => [1, 1, 'rotate(-45)'];
        yield 'back aslant' => [-1, -1, 'rotate(-45)'];
    }

    #[DataProvider('directions')]
    public function test_a_dimension_reads_from_below_or_from_the_right(float $x, float $y, string $turn): void
    {
        $drawn = (new DimensionLine(new Segment(new Point(0, 0), new Point(1000 * $x, 1000 * $y)), '1 m'))->draw();
        self::assertStringContainsString('<g transform="'.$turn.'"><text', $drawn);
        self::assertStringContainsString('1 m', $drawn);
    }

    public function test_a_hinged_door_hangs_where_it_is_said_to(): void
    {
        // w1 runs along y = −100 from x = −100; the middle of the door lies at x = 1900, the room to the left
        $of = static fn(string $hinge, string $opens): string => (new OpeningSymbol(
            Sketch::room(4000, 3000)->door(
                'w1',
                2000,
                800,
                ['operation' => 'hinged', 'hinge' => $hinge, 'opens' => $opens],
            )->home()->openings[0],
        ))->draw();
        self::assertStringContainsString('class="leaf" d="M1500 0L1500 -800"', $of('from', 'left'));
        self::assertStringContainsString('class="leaf" d="M2300 0L2300 -800"', $of('to', 'left'));
        self::assertStringContainsString('class="leaf" d="M1500 200L1500 1000"', $of('from', 'right'));
        // seen on the page, opened upwards from a hinge on the left the edge falls clockwise onto the opening
        self::assertStringContainsString('d="M1500 -800A800 800 0 0 1 2300 0"', $of('from', 'left'));
        self::assertStringContainsString('d="M2300 -800A800 800 0 0 0 1500 0"', $of('to', 'left'));
    }

    public function test_every_operation_and_every_fixture_has_a_symbol(): void
    {
        foreach (['hinged', 'double_hinged', 'sliding', 'bypass', 'pocket', 'folding', 'overhead'] as $operation) {
            $door = Sketch::room(4000, 3000)->door(
                'w1',
                2000,
                800,
                ['operation' => $operation, 'hinge' => 'from', 'opens' => 'left'],
            )->home()->openings[0];
            self::assertMatchesRegularExpression('/class="(leaf|frame)"/', (new OpeningSymbol($door))->draw(), $operation);
        }
        foreach (FixtureKind::cases() as $kind) {
            $fixture = Sketch::room(4000, 3000)->fixture('f', $kind->value, 2000, 500, 33, 600, 600)->home()->fixtures[0];
            self::assertStringContainsString('fixture-outline', (new FixtureSymbol($fixture))->draw(), $kind->value);
        }
    }

    public function test_what_hangs_above_the_head_is_marked(): void
    {
        $cabinet = static fn(float $base): string => (new FixtureSymbol(
            Sketch::room(4000, 3000)->fixture('f', 'wall_cabinet', 2000, 0, 90, 600, 300, ['base' => $base])->home()->fixtures[0],
        ))->draw();
        self::assertStringContainsString('overhead', $cabinet(1400));
        self::assertStringNotContainsString('overhead', $cabinet(800));
    }

    public function test_verdicts_differ_in_shape(): void
    {
        $marks = array_map(
            static fn(Verdict $verdict): string => (string) preg_replace('/ class="[^"]*"/', '', VerdictMark::draw($verdict)),
            Verdict::cases(),
        );
        self::assertSame($marks, array_unique($marks));
        self::assertNotSame(VerdictMark::draw(Verdict::Met), VerdictMark::draw(Verdict::Met, true));
    }

    public function test_labels_keep_inside_their_rooms(): void
    {
        $home = new Home((new LayoutReader())->read((string) file_get_contents(self::demoFile())));
        $labels = new LabelPlace($home, Sheet::of($home->layout)->scale());
        foreach ($home->rooms as $room) {
            self::assertTrue($room->outline()?->contains($labels->of($room)->at), $room->name());
        }
        $plan = (new PlanDrawing($home, $home->plans['G'], $labels))->layers();
        foreach ($home->plans['G']->rooms as $room) {
            self::assertStringContainsString('data-subject="'.$room->id().'"', $plan);
        }
    }

    public function test_the_required_length_is_drawn_beside_the_measured_one(): void
    {
        $finding = $this->finding('us-irc-2021/toilet-side/gf17');
        $home = new Home((new LayoutReader())->read((string) file_get_contents(self::demoFile())));
        $figures = new WitnessFigures($home, $home->plans['G'], new LabelPlace($home, 12.0));
        $drawn = (new WitnessDrawing($finding, 'G'))->draw($figures);
        self::assertStringContainsString('class="required"', $drawn);
        self::assertStringContainsString('required 15&quot;', $drawn);
        self::assertSame('', strip_tags((new WitnessDrawing($finding, 'U'))->draw($figures)), 'nothing of it on the other storey');
        self::assertNull((new WitnessDrawing($finding, 'U'))->bounds());
        self::assertNotNull((new WitnessDrawing($finding, 'G'))->bounds());
    }

    private function finding(string $fingerprint): Finding
    {
        $measures = Catalogue::standard();
        $home = new Home((new LayoutReader())->read((string) file_get_contents(self::demoFile())));
        $report = (new Examiner($measures))->examine(
            $home,
            [(new RuleBookReader($measures))->readFile(base_path('core/rulebooks/us-irc-2021.yaml'))],
        );

        return $report->finding($fingerprint) ?? throw new \LogicException("There is no {$fingerprint}.");
    }
}
