<?php

declare(strict_types=1);

namespace Heurema\Tests\Layout;

use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What may be said of doors, windows and fixtures is kept as it was said, and refused at its place where it makes no sense. */
final class DetailsTest extends TestCase
{
    public function test_details_come_out_as_they_went_in(): void
    {
        $drawn = Sketch::room(4000, 3000, 'bathroom')->door(
            'w1',
            2000,
            900,
            ['operation' => 'sliding', 'glazed' => true, 'safety_glass' => true],
        )
            ->window(
                'w3',
                2000,
                900,
                900,
                ['sill' => 900, 'well' => ['width' => 1000, 'projection' => 950, 'depth' => 1200, 'ladder' => false]],
            )
            ->fixture('f', 'shower_bath', 2000, 0, 90, 1700, 750, ['shower_head' => false]);
        $layout = $drawn->layout();
        self::assertTrue($layout->storeys[0]->openings[0]->door?->safetyGlass);
        self::assertFalse($layout->storeys[0]->openings[1]->window?->well?->ladder);
        self::assertFalse($layout->storeys[0]->fixtures[0]->showerHead);
        $again = (new LayoutReader())->read(json_encode($layout->toArray(), JSON_THROW_ON_ERROR));
        self::assertEquals($layout, $again);
    }

    public function test_what_nobody_said_stays_unsaid(): void
    {
        $layout = Sketch::room(4000, 3000)
            ->door('w1', 2000, 900, ['operation' => 'hinged'])
            ->window('w3', 2000, 900, 900, ['well' => ['width' => 1000]])
            ->fixture('f', 'shower', 2000, 0, 90, 900, 900)
            ->layout();
        self::assertSame(
            [null, null, null],
            [
                $layout->storeys[0]->openings[0]->door?->safetyGlass,
                $layout->storeys[0]->openings[1]->window?->well?->ladder,
                $layout->storeys[0]->fixtures[0]->showerHead,
            ],
        );
        self::assertStringNotContainsString('shower_head', (string) json_encode($layout->toArray()));
    }

    /** @return iterable<string, array{\Closure(): Layout, string}> */
    public static function refusals(): iterable
    {
        yield 'a ladder of metres' => [
            static fn(): Layout => Sketch::room(4000, 3000)->window('w1', 2000, 900, 900, ['well' => ['ladder' => 3]])->layout(),
            '/storeys/0/openings/0/well/ladder',
        ];
        yield 'glass that is a word' => [
            static fn(): Layout => Sketch::room(4000, 3000)->door('w1', 2000, 900, ['safety_glass' => 'yes'])->layout(),
            '/storeys/0/openings/0/safety_glass',
        ];
        yield 'a head that is a number' => [
            static fn(): Layout => Sketch::room(4000, 3000)->fixture('f', 'shower', 2000, 0, 90, 900, 900, ['shower_head' => 1])->layout(),
            '/storeys/0/fixtures/0/shower_head',
        ];
        yield 'an outline that crosses itself' => [
            static fn(): Layout => Sketch::room(4000, 3000)->fixture(
                'f',
                'island',
                2000,
                500,
                90,
                900,
                900,
                ['outline' => [[0, 0], [900, 900], [900, 0], [0, 900]]],
            )->layout(),
            '/storeys/0/fixtures/0/outline',
        ];
        yield 'an opening in the floor that crosses itself' => [
            static fn(): Layout => Sketch::room(4000, 3000)->add(
                'voids',
                ['id' => 'v', 'outline' => [[0, 0], [900, 900], [900, 0], [0, 900]]],
            )->layout(),
            '/storeys/0/voids/0/outline',
        ];
    }

    /** @param \Closure(): Layout $read */
    #[DataProvider('refusals')]
    public function test_what_makes_no_sense_is_refused_at_its_place(\Closure $read, string $place): void
    {
        $this->expectException(UnreadableLayout::class);
        $this->expectExceptionMessageMatches('#'.preg_quote($place, '#').'#');
        $read();
    }

    /** An L is one outline, and all of it counts. */
    public function test_an_outline_with_a_bay_is_kept_and_measured_in_full(): void
    {
        $island = Sketch::room(6000, 5000, 'kitchen')->fixture(
            'f',
            'island',
            3000,
            2000,
            90,
            2000,
            1500,
            ['outline' => [[-1000, 0], [1000, 0], [1000, 600], [-400, 600], [-400, 1500], [-1000, 1500]]],
        )->home();
        $outline = $island->fixtures[0]->outline;
        self::assertNotNull($outline);
        self::assertEqualsWithDelta(2000 * 600 + 600 * 900, $outline->area(), 1e-6);
        $free = array_sum(array_map(static fn($piece): float => $piece->area(), $island->freeFloor($island->rooms[0], false)));
        self::assertEqualsWithDelta(6000 * 5000 - 2000 * 600 - 600 * 900, $free, 10.0);
    }
}
