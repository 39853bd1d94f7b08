<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Tests\Proof\Redrawn;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\TestCase;

abstract class MeasureTestCase extends TestCase
{
    /** @param array<string, Amount|string> $with */
    protected static function measure(string $name, Sketch|Home $drawn, string $subject, array $with = []): Measurement
    {
        $home = $drawn instanceof Home ? $drawn : $drawn->home();
        $measure = Catalogue::standard()->get($name);
        self::assertNotNull($measure);
        foreach ($home->subjects($measure->subject()) as $candidate) {
            if ($candidate->id() === $subject) {
                return $measure->of($candidate, $home, new Parameters($with));
            }
        }
        self::fail("There is no {$subject}.");
    }

    /** @param array<string, Amount|string> $with */
    protected static function number(string $name, Sketch|Home $drawn, string $subject, array $with = []): float
    {
        $measurement = self::measure($name, $drawn, $subject, $with);
        self::assertInstanceOf(Measured::class, $measurement);

        return $measurement->amount()->number;
    }

    protected static function value(string $name, Sketch|Home $drawn, string $subject): Amount|bool|string
    {
        $measurement = self::measure($name, $drawn, $subject);
        self::assertInstanceOf(Measured::class, $measurement);

        return $measurement->value;
    }

    /** The same home turned, and mirrored before that. */
    protected static function redrawn(Sketch $sketch, float $turn, bool $isMirrored = false): Home
    {
        $drawn = Redrawn::of($sketch->layout()->toArray());
        $turned = ($isMirrored ? $drawn->mirrored() : $drawn)->turned($turn, 0.0001);

        return new Home((new LayoutReader())->read(json_encode($turned->document(), JSON_THROW_ON_ERROR)));
    }

    /** @param list<string> $missing */
    protected static function assertUnknown(array $missing, Measurement $measurement): void
    {
        self::assertInstanceOf(Unknown::class, $measurement);
        self::assertSame($missing, $measurement->missing);
    }
}
