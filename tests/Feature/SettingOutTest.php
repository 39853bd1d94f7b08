<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Geometry\Box;
use Heurema\Layout\Axis;
use Heurema\Layout\Block;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\RoomUse;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\UnitSystem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A home set out before its walls are drawn: by axes, and by blocks of rooms. */
final class SettingOutTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;

    private User $designer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->designer = User::factory()->create();
        $this->actingAs($this->designer);
        $this->begin(UnitSystem::Metric);
    }

    /** @return iterable<string, array{UnitSystem, string, string, list<float>}> what is typed, and where the axes across come to lie */
    public static function spacings(): iterable
    {
        yield 'metres' => [UnitSystem::Metric, '3.6 4.2 3.6', '4 3.2', [0.0, 3600.0, 7800.0, 11400.0]];
        yield 'feet' => [UnitSystem::Imperial, "12' 14' 10'", "12'6 10'", [0.0, 3657.6, 7924.8, 10972.8]];
    }

    /** @param list<float> $expected */
    #[DataProvider('spacings')]
    public function test_axes_are_laid_built_on_and_taken_away(UnitSystem $units, string $across, string $up, array $expected): void
    {
        $this->begin($units);
        $this
            ->act('axes', ['across' => $across, 'up' => $up])
            ->assertOk()
            ->assertSee('Axis 1')
            ->assertSee('A to B')
            ->assertSee('class="axis"', false);
        self::assertEqualsWithDelta(
            $expected,
            array_map(static fn(Axis $axis): float => $axis->from->x, array_slice($this->layout()->axes, 0, 4)),
            1e-3,
        );
        $this->act('axis-walls', ['all' => '1'])->assertOk();
        self::assertCount(6, (new Home($this->layout()))->plans['G']->spaces);
        $types = array_count_values(array_map(static fn($wall): string => $wall->type->value, $this->storey()->walls));
        self::assertSame(['exterior' => 4, 'interior' => 3], $types);
        $this->act('axis-columns', ['all' => '1', 'size' => $units === UnitSystem::Metric ? '300 x 300' : '12" x 12"'])->assertOk();
        self::assertCount(12, array_filter($this->storey()->fixtures, static fn(Fixture $one): bool => $one->kind === FixtureKind::Column));
        $this->act('remove-axes', [])->assertOk();
        self::assertSame([], $this->layout()->axes);
        self::assertCount(7, $this->storey()->walls, 'what was built stays');
        $this->act('remove-axes', [])->assertUnprocessable()->assertSee('There are no axes.');
    }

    public function test_walls_and_columns_on_chosen_parts_of_an_axis(): void
    {
        $this->act('axes', ['across' => '3 3 3', 'up' => '4', 'at' => '1000,2000'])->assertOk();
        $this->act('axis-walls', ['select' => 'x5', 'stretches' => ['x5:0' => '1', 'x5:1' => '1'], 'type' => 'party'])->assertOk();
        [$wall] = $this->storey()->walls;
        self::assertSame(
            [WallType::Party, [1000.0, 2000.0], [7000.0, 2000.0]],
            [$wall->type, $wall->from->toArray(), $wall->to->toArray()],
        );
        $this->act('axis-columns', ['select' => 'x1', 'crossings' => ['x1:x6' => '1'], 'size' => '200 x 400'])->assertOk();
        [$column] = (new Home($this->layout()))->fixtures;
        self::assertEqualsWithDelta([1000.0, 6000.0], $column->bounds?->middle()->toArray(), 1e-6);
        $this->act('axis-walls', ['select' => 'x5'])->assertUnprocessable()->assertSee('Choose at least one stretch');
        $this
            ->act('axis-columns', ['select' => 'x5', 'size' => '200 x 200'])
            ->assertUnprocessable()
            ->assertSee('Choose at least one crossing');
        $this->act('remove', ['select' => 'x1'])->assertOk();
        self::assertCount(5, $this->layout()->axes);
        $this->act('values', ['select' => 'x5', 'fields' => ['name' => 'Z']])->assertOk()->assertSee('Axis Z');
    }

    public function test_axes_that_cannot_be_read_are_told_and_their_reading_is_shown(): void
    {
        $this->act('axes', ['across' => '', 'up' => ''])->assertUnprocessable()->assertSee('Type the distances');
        $this->act('axes', ['across' => '3.6 wide'])->assertUnprocessable()->assertSee('Nothing fits in here');
        $this
            ->get('/lengths?'.http_build_query(['kind' => 'spacings', 'units' => 'metric', 'text' => '3.6 4.2']))
            ->assertOk()
            ->assertSee('3.6 metres | 4.2 metres, together 7800 mm');
        $this
            ->get('/lengths?'.http_build_query(['kind' => 'spacings', 'units' => 'imperial', 'text' => '12 14']))
            ->assertUnprocessable()
            ->assertSee('two ways');
    }

    /** @return iterable<string, array{UnitSystem, string}> */
    public static function lists(): iterable
    {
        yield 'millimetres' => [UnitSystem::Metric, "Bedroom 3200 x 3800\nBath 1600 x 2700\nKitchen 2900 x 3800"];
        yield 'feet' => [UnitSystem::Imperial, "Bedroom 11' x 12'4\nBath 5' x 9'2\nKitchen 10' x 12'4"];
    }

    #[DataProvider('lists')]
    public function test_rooms_are_blocks_first_and_get_their_walls_at_once(UnitSystem $units, string $list): void
    {
        $this->begin($units);
        $this->act('blocks', ['rooms' => $list])->assertOk()->assertSee('Make the walls of 3 blocks')->assertSee('class="block"', false);
        $sizes = array_map(
            static fn(Block $block): array => [$block->name, $block->use, round($block->width * $block->depth)],
            $this->storey()->blocks,
        );
        self::assertSame([RoomUse::Bedroom, RoomUse::Bathroom, RoomUse::Kitchen], array_column($sizes, 1));
        $this->act('block-walls', ['as_they_are' => '1'])->assertOk();
        self::assertSame([], $this->storey()->blocks);
        $rooms = (new Home($this->layout()))->rooms;
        self::assertSame(['Bedroom', 'Bath', 'Kitchen'], array_map(static fn(RoomSpace $room): string => $room->name(), $rooms));
        self::assertEqualsWithDelta(
            array_column($sizes, 2),
            array_map(static fn(RoomSpace $room): float => $room->outline()?->area() ?? 0.0, $rooms),
            100.0,
        );
        $this->post("/schemes/{$this->scheme->id}/undo", ['version' => $this->version(), 'storey' => 'G'])->assertOk();
        self::assertCount(3, $this->storey()->blocks, 'made in one edit');
    }

    public function test_blocks_are_pushed_stretched_swapped_moved_and_sized(): void
    {
        $this->act('blocks', ['rooms' => "Bedroom 3 m x 4 m\nBath 2 m x 3 m"])->assertOk();
        $this->act('move', ['select' => 'b2', 'by' => '2000,500'])->assertOk();
        self::assertEqualsWithDelta(5100.0, $this->box(1)->left, 1e-6);
        $this->act('push-block', ['select' => 'b2', 'side' => 'left'])->assertOk();
        self::assertEqualsWithDelta(3100.0, $this->box(1)->left, 1e-6);
        $this
            ->act('push-block', ['select' => 'b2', 'side' => 'left', 'how' => 'stretch'])
            ->assertUnprocessable()
            ->assertSee('Nothing is left');
        $this->act('move-block', ['select' => 'b2', 'by' => '50,-450'])->assertOk();
        self::assertEqualsWithDelta([3100.0, 0.0], [$this->box(1)->left, $this->box(1)->bottom], 1e-6);
        $this->act('move-block', ['select' => 'b2', 'by' => '50,0', 'free' => '1'])->assertOk();
        self::assertEqualsWithDelta(3150.0, $this->box(1)->left, 1e-6);
        $this->act('move-block', ['select' => 'b2', 'by' => '0,0'])->assertOk();
        $this->act('swap-blocks', ['select' => 'b1', 'with' => 'b2'])->assertOk();
        self::assertEqualsWithDelta([2100.0, 0.0], [$this->box(0)->left, $this->box(1)->left], 1e-6);
        $this->act('resize-block', ['select' => 'b2', 'size' => '2.2 m x 4 m'])->assertOk();
        self::assertEqualsWithDelta([2200.0, 4000.0], [$this->box(1)->width(), $this->box(1)->height()], 1e-6);
        $this->act('values', ['select' => 'b2', 'fields' => ['name' => 'Shower', 'use' => 'shower_room']])->assertOk()->assertSee('Shower');
        $this->act('turn', ['select' => 'b2'])->assertOk();
        self::assertEqualsWithDelta([4000.0, 2200.0], [$this->box(1)->width(), $this->box(1)->height()], 1e-6);
        $this->act('turn', ['ids' => ['b1', 'b2']])->assertOk();
        self::assertEqualsWithDelta([2200.0, 4000.0], [$this->box(1)->width(), $this->box(1)->height()], 1e-6);
        $this->act('line-up', ['ids' => ['b1', 'b2'], 'along' => 'left'])->assertOk();
        self::assertEqualsWithDelta($this->box(0)->left, $this->box(1)->left, 1e-6);
        $this->act('mirror', ['ids' => ['b1', 'b2'], 'from' => '0,0', 'to' => '1000,500'])->assertUnprocessable()->assertSee('by quarters');
        $this->act('remove', ['select' => 'b2'])->assertOk();
        self::assertCount(1, $this->storey()->blocks);
    }

    public function test_it_is_asked_which_side_gives_way(): void
    {
        $this->act('blocks', ['rooms' => "Bedroom 3000 x 2794\nBath 2900 x 2743"])->assertOk();
        $this
            ->look()
            ->assertSee('Bedroom and Bath stand side by side, but their upper sides are 51 mm out of line.')
            ->assertSee('Bedroom gives way')
            ->assertSee('Bath gives way');
        $this->act('block-walls', [])->assertUnprocessable()->assertSee('do not agree yet');
        $this->act('give-way', ['block' => 'b2', 'side' => 'upper', 'to' => 'b1', 'to_side' => 'upper'])->assertOk();
        self::assertEqualsWithDelta(2794.0, $this->box(1)->height(), 1e-6);
        $this->look()->assertDontSee('side by side');
        $this->act('block-walls', [])->assertOk();
    }

    public function test_a_list_that_cannot_be_read_is_told(): void
    {
        $this->act('blocks', ['rooms' => "Bedroom 3000 x 2794\nBath"])->assertUnprocessable()->assertSee('Line 2');
        $this->act('block-walls', [])->assertUnprocessable()->assertSee('There are no blocks');
        $this->act('push-block', ['select' => 'b9', 'side' => 'left'])->assertUnprocessable()->assertSee('Choose a block.');
    }

    public function test_a_home_begins_as_blocks(): void
    {
        $this->post(
            '/drawings',
            [
                'name' => 'New home',
                'country' => 'uk',
                'units' => 'metric',
                'between' => 'faces',
                'rooms' => "Living 5 m x 4 m\nHall 2 m x 4 m",
                'as_blocks' => '1',
            ],
        )->assertRedirect();
        $storey = Scheme::query()->latest('id')->firstOrFail()->layout->storeys[0];
        self::assertSame(
            [[], ['Living', 'Hall']],
            [$storey->walls, array_map(static fn(Block $block): string => $block->name, $storey->blocks)],
        );
    }

    public function test_axes_and_blocks_are_in_the_list_of_elements_and_tried(): void
    {
        $this->act('axes', ['across' => '3.6', 'up' => ''])->assertOk();
        $this->act('blocks', ['rooms' => 'Bedroom 3000 x 2794'])->assertOk();
        $this->get("/schemes/{$this->scheme->id}/elements?storey=G")->assertOk()->assertSee('Axis 1')->assertSee('3000 mm by 2794 mm');
        $this->act('axes', ['across' => '3.6 3.6', 'at' => '20000,0'], 'trials')->assertOk()->assertSee('axis-line', false);
        $this->act('move-block', ['select' => 'b1', 'by' => '500,0'], 'trials')->assertOk()->assertSee('block-floor', false);
    }

    private function begin(UnitSystem $units): void
    {
        $layout = new Layout('Plot', $units, storeys: [new Storey('G', 'Ground', 0.0, 2400.0, 300.0)]);
        $this->scheme = $this->app->make(OpenProject::class)->open($this->designer, $layout, null, ['drawing'])->scheme;
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return TestResponse<Response>
     */
    private function act(string $act, array $values, string $how = 'acts'): TestResponse
    {
        return $this->post("/schemes/{$this->scheme->id}/{$how}/{$act}", ['version' => $this->version(), 'storey' => 'G', ...$values]);
    }

    /** @return TestResponse<Response> */
    private function look(): TestResponse
    {
        return $this->get("/schemes/{$this->scheme->id}/board?storey=G");
    }

    private function version(): int
    {
        return Scheme::query()->findOrFail($this->scheme->id)->version;
    }

    private function layout(): Layout
    {
        return Scheme::query()->findOrFail($this->scheme->id)->layout;
    }

    private function storey(): Storey
    {
        return $this->layout()->storeys[0];
    }

    private function box(int $number): Box
    {
        return $this->storey()->blocks[$number]->box();
    }
}
