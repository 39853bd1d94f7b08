<?php

declare(strict_types=1);

namespace Heurema\Tests\Scene;

use Heurema\Scene\TakenSizes;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** What nobody said is named, with what is taken in its place; what somebody said is not. */
final class TakenSizesTest extends TestCase
{
    public function test_what_is_not_known_is_named(): void
    {
        $said = self::said(Sketch::room(4000, 3000)->document(['grade' => null])->with([
            'ceiling' => null,
            'guards' => [['id' => 'gu', 'line' => [[0, 0], [1000, 0]]]],
            'openings' => [
                ['id' => 'd1', 'kind' => 'door', 'wall' => 'w1', 'at' => 1500, 'width' => 900],
                ['id' => 'w', 'kind' => 'window', 'wall' => 'w3', 'at' => 1500, 'height' => 1200],
            ],
        ]));
        self::assertContains('How high the ground lies is not known: none is shown.', $said);
        self::assertContains('The ceiling of Ground is not known: 2400 mm taken.', $said);
        self::assertContains('Ground: guards whose height is not known: 1; 1000 mm taken.', $said);
        self::assertMatchesRegularExpression('/^The height of .*door.* is not known: 2000 mm taken\.$/m', implode("\n", $said));
        self::assertMatchesRegularExpression('/^The sill of .*window.* is not known: 900 mm taken\.$/m', implode("\n", $said));
        self::assertMatchesRegularExpression('/^The width of .*window.* is not known: 1200 mm taken\.$/m', implode("\n", $said));
    }

    public function test_what_is_known_is_not(): void
    {
        self::assertSame([], self::said(Sketch::room(4000, 3000)->with([
            'ceiling' => 2500,
            'openings' => [['id' => 'd1', 'kind' => 'door', 'wall' => 'w1', 'at' => 1500, 'width' => 900, 'height' => 2100]],
        ])));
    }

    /** @return list<string> */
    private static function said(Sketch $sketch): array
    {
        $home = new Home($sketch->layout());

        return $home->wording()->all((new TakenSizes($home))->messages());
    }
}
