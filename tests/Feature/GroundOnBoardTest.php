<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Heurema\Spatial\Home;
use Heurema\Spatial\OutsideLevel;
use Heurema\Tests\Sketch;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** The ground slopes through levels at places: doors, windows and steps ask how high it lies where they are. */
final class GroundOnBoardTest extends TestCase
{
    use ActsOnBoard;
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs(User::factory()->create());
        $this->open(Sketch::room(8000, 4000, 'hall')->door('w4', 2100, 900)->door('w2', 2100, 900, ['id' => 'e'])->home()->layout);
    }

    public function test_levels_are_set_moved_and_taken_away(): void
    {
        $this->act('ground-level', ['at' => '0,2000', 'below' => '100'])->assertOk();
        $this->act('ground-level', ['at' => '8000,2000', 'below' => '500 mm'])
            ->assertOk()
            ->assertSee('class="pin ground-level"', false)
            ->assertSee('−500 mm');
        foreach (['d' => -100.0 + 0.0, 'e' => -500.0] as $door => $level) {
            self::assertEqualsWithDelta($level, $this->outside($door), 6.0, $door);
        }
        $this->act('ground-level', ['at' => '8100,2100', 'below' => '-200'])->assertOk();
        self::assertSame([-100.0, 200.0], array_map(static fn($one): float => $one->level, $this->layout()->ground));
        self::assertEqualsWithDelta(200.0, $this->outside('e'), 6.0);
        $this->act('ground-level', ['at' => '8000,2000', 'below' => ''])->assertOk();
        self::assertCount(1, $this->layout()->ground);
        $this->act('ground-level', ['at' => '4000,2000', 'below' => ''])->assertUnprocessable()->assertSee('how far the ground lies below');
        $this->act('ground-level', ['at' => '4000,2000', 'below' => 'deep'])->assertUnprocessable();
        $this->act('ground-level', ['at' => 'there', 'below' => '1 m'])->assertUnprocessable()->assertSee('Point at a place');
    }

    public function test_a_level_within_300_mm_is_the_one_that_is_meant(): void
    {
        foreach ([299 => 1, 300 => 1, 301 => 2] as $off => $count) {
            $this->act('ground-level', ['at' => "{$off},6000", 'below' => '100'])->assertOk();
            $this->act('ground-level', ['at' => '0,6000', 'below' => '200'])->assertOk();
            self::assertCount($count, $this->layout()->ground, "{$off} mm");
            $this->act('ground-level', ['at' => '0,6000', 'below' => ''])->assertOk();
        }
    }

    public function test_steps_are_built_from_the_ground_at_their_door(): void
    {
        $this->act('ground-level', ['at' => '0,2000', 'below' => '100'])->assertOk();
        $this->act('ground-level', ['at' => '8000,2000', 'below' => '500'])->assertOk();
        foreach (['d' => 1, 'e' => 3] as $door => $risers) {
            $asked = ['riser' => '180', 'tread' => '280', 'margin' => '0', 'landing' => '1 m'];
            $this->act('entrance-steps', ['select' => $door, ...$asked])->assertOk();
            self::assertSame($risers, $this->layout()->stairs[count($this->layout()->stairs) - 1]->risers(), $door);
        }
    }

    public function test_a_terrace_is_drawn_said_guarded_and_led_onto(): void
    {
        $this
            ->act('terrace', ['from' => '-200,0', 'size' => '3 m x 4 m', 'grow' => '-1,1', 'below' => '150'])
            ->assertOk()
            ->assertSee('Terrace −150 mm');
        $this
            ->act('terrace', ['corners' => ['8200,0', '10200,0', '10200,4000', '8200,4000'], 'below' => '-50'])
            ->assertOk()
            ->assertSee('Terrace +50 mm');
        self::assertSame(['te1' => -150.0, 'te2' => 50.0], $this->terraces());
        self::assertSame([-150.0, 50.0], [$this->outside('d'), $this->outside('e')]);
        $this->act('home', ['fields' => ['ground' => '1 m']])->assertOk();
        $this
            ->get("/schemes/{$this->scheme->id}/board?storey=G&select=te1")
            ->assertOk()
            ->assertSee('a fall of 850 mm')
            ->assertSee('Guard its open edges');
        $this->act('guard-edges', ['select' => 'te1'])->assertOk();
        self::assertCount(1, $this->layout()->storeys[0]->guards);
        $this
            ->act('values', ['select' => 'te1', 'fields' => ['level' => '-1.2 m', 'name' => 'Sitting out']])
            ->assertOk()
            ->assertSee('Sitting out −1200 mm');
        foreach (['', 'deep'] as $wrong) {
            $asked = ['from' => '0,9000', 'size' => '3 m x 4 m', 'grow' => '1,1', 'below' => $wrong];
            $this->act('terrace', $asked)->assertUnprocessable();
        }
        $this->act('remove', ['select' => 'te1'])->assertOk();
        self::assertSame(['te2' => 50.0], $this->terraces());
    }

    /** @return array<string, float|null> */
    private function terraces(): array
    {
        return array_column($this->layout()->storeys[0]->terraces, 'level', 'id');
    }

    private function outside(string $door): ?float
    {
        $home = new Home($this->layout());
        $opening = $home->opening($door) ?? self::fail("There is no door {$door}.");

        return OutsideLevel::of($opening, $home)->elevation;
    }
}
