<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Geometry\Tolerance;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measure;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Tests\FurnishedPlan;
use Heurema\Units\Amount;
use Heurema\Units\Quantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A dimension that shows a length on the plan is as long as what is written beside it. */
final class DimensionsShownTest extends TestCase
{
    /** What a plan cannot show to scale: heights, what rails take of a width, and what was taped on site. */
    private const NOT_TO_SCALE = [
        'fixture.over_cooktop', 'ramp.run_rise', 'ramp.total_rise', 'ramp.width', 'survey.chain', 'survey.difference',
    ];

    /** A clear length of nothing is shown this long, so that it can be seen. */
    private const SHORTEST_SHOWN = 1.0;

    #[DataProvider('homes')]
    public function test_dimensions_are_as_long_as_they_say(string $document): void
    {
        $home = new Home((new LayoutReader())->read($document));
        $shown = 0;
        foreach (Catalogue::standard()->all() as $measure) {
            foreach (self::lengths($measure, $home) as [$where, $drawn, $said]) {
                ++$shown;
                self::assertEqualsWithDelta(max($said, self::SHORTEST_SHOWN), max($drawn, self::SHORTEST_SHOWN), Tolerance::TOUCH, $where);
            }
        }
        self::assertGreaterThan(0, $shown);
    }

    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        $files = glob(dirname(__DIR__, 3).'/database/demo/*.json');
        foreach ($files === false ? [] : $files as $file) {
            yield basename($file, '.json') => [(string) file_get_contents($file)];
        }
        foreach (range(19, 30) as $seed) {
            yield "made home {$seed}" => [json_encode(FurnishedPlan::document($seed), JSON_THROW_ON_ERROR)];
        }
    }

    /** @return iterable<array{string, float, float}> of what; mm as drawn and as said */
    private static function lengths(Measure $measure, Home $home): iterable
    {
        foreach (in_array($measure->name(), self::NOT_TO_SCALE, true) ? [] : $home->subjects($measure->subject()) as $subject) {
            $measurement = $measure->of($subject, $home, new Parameters());
            foreach ($measurement instanceof Measured ? $measurement->witness : [] as $witness) {
                $text = $witness->text;
                if ($witness->type === Witness::DIMENSION && $text instanceof Amount && $text->quantity === Quantity::Length) {
                    [$from, $to] = $witness->lines()[0];
                    yield ["{$measure->name()} of {$subject->id()}", $from->distanceTo($to), $text->number];
                }
            }
        }
    }
}
