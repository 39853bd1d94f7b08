<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Heurema\Geometry\Point;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Roof windows are placed by pointing, or at a height of the ceiling, whichever way it slopes. */
final class RoofWindowsOnBoardTest extends TestCase
{
    use ActsOnBoard;
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs(User::factory()->create());
    }

    /** @return iterable<string, array{array{int, int}, array{int, int}, string}> eaves, ridge, where the ceiling is 1600 mm high */
    public static function slopes(): iterable
    {
        yield 'to the right' => [[0, 1500], [4000, 1500], '1600,1500'];
        yield 'to the left' => [[4000, 1500], [0, 1500], '2400,1500'];
        yield 'up the sheet' => [[2000, 0], [2000, 3000], '2000,1200'];
        yield 'down the sheet' => [[2000, 3000], [2000, 0], '2000,1800'];
    }

    /**
     * @param array{int, int} $from
     * @param array{int, int} $to
     */
    #[DataProvider('slopes')]
    public function test_it_is_placed_at_a_height(array $from, array $to, string $place): void
    {
        $this->open($this->loft(['low' => 1000, 'high' => 2500, 'from' => $from, 'to' => $to])->layout());
        $asked = ['at' => '2000,1500', 'width' => '780', 'height' => '1.18 m'];
        $this->act('roof-window', [...$asked, 'sill' => '1600'])->assertOk()->assertSee('class="opening roof-window', false);
        $this->act('roof-window', $asked)->assertOk();
        $home = new Home($this->layout());
        self::assertSame($place, $this->placeOf($home->layout->storeys[0]->roofWindows[0]->at));
        self::assertSame('2000,1500', $this->placeOf($home->layout->storeys[0]->roofWindows[1]->at));
        self::assertEqualsWithDelta([1600.0, 1750.0], [$home->roofWindows[0]->sill(), $home->roofWindows[1]->sill()], 0.01);
    }

    public function test_it_is_read_changed_and_taken_away(): void
    {
        $this->open($this->loft(['low' => 1000, 'high' => 4000, 'from' => [0, 1500], 'to' => [4000, 1500]])->layout());
        $this->act('roof-window', ['at' => '800,1500', 'width' => '780', 'height' => '1000'])->assertOk();
        $this
            ->get("/schemes/{$this->scheme->id}/board?storey=G&select=rw1")
            ->assertOk()
            ->assertSee('It reaches from 1600 mm to 2200 mm above the floor, pitch ')
            ->assertSee('36.9°')
            ->assertSee('What its sizes come to');
        $this->act('values', ['select' => 'rw1', 'fields' => ['operation' => 'pivot', 'width' => '600']])->assertOk();
        self::assertSame([600.0, 'pivot'], [
            $this->layout()->storeys[0]->roofWindows[0]->width,
            $this->layout()->storeys[0]->roofWindows[0]->operation?->value,
        ]);
        $this->get("/schemes/{$this->scheme->id}/elements?storey=G")->assertSee('Roof windows')->assertSee('1000 mm along the slope');
        $this->act('remove', ['select' => 'rw1'])->assertOk();
        self::assertSame([], $this->layout()->storeys[0]->roofWindows);
    }

    public function test_what_cannot_be_is_refused(): void
    {
        $this->open($this->loft(['low' => 1000, 'high' => 2500, 'from' => [0, 1500], 'to' => [4000, 1500]])->layout());
        $asked = ['at' => '2000,1500', 'width' => '780', 'height' => '1000'];
        foreach (['999' => 422, '1000' => 200, '2500' => 200, '2501' => 422] as $sill => $status) {
            $this->act('roof-window', [...$asked, 'sill' => (string) $sill])->assertStatus($status);
        }
        $this
            ->act('roof-window', [...$asked, 'at' => '9000,1500'])
            ->assertUnprocessable()
            ->assertSee('say how the ceiling of the room slopes');
        $this->act('roof-window', [...$asked, 'width' => ''])->assertUnprocessable();
        $this->open(Sketch::room(4000, 3000)->layout());
        $this->act('roof-window', $asked)->assertUnprocessable()->assertSee('A roof window lies in a sloped ceiling');
    }

    /** @param array<string, mixed> $ceiling */
    private function loft(array $ceiling): Sketch
    {
        return Sketch::room(4000, 3000)->with([
            'rooms' => [['id' => 'r', 'name' => 'Loft', 'use' => 'study', 'at' => [2000, 1500], 'ceiling' => $ceiling]],
        ]);
    }

    private function placeOf(Point $point): string
    {
        return round($point->x).','.round($point->y);
    }
}
