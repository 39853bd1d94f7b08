<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Http\BoardParts;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\Fixture;
use Heurema\Layout\Flight;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Opening;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Spatial\Home;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Everything that can be done on the board, on a home of two rooms: 8 by 5 m, parted at 5 m by wall w5. */
final class ActsTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $designer = User::factory()->create();
        $this->scheme = $this->app->make(OpenProject::class)->open($designer, self::home(), null, ['us-irc-2021'])->scheme;
        $this->actingAs($designer);
    }

    public function test_a_rectangle_is_pointed_at_or_typed(): void
    {
        $this->act(
            'rectangle',
            ['from' => '10000,0', 'to' => '13000,2000', 'thickness' => '100', 'type' => 'interior', 'measured_at' => 'outside'],
        )->assertOk();
        $this->act(
            'rectangle',
            [
                'from' => '20000,0', 'size' => '3 m x 200cm', 'grow' => '-1,-1', 'thickness' => '100', 'type' => 'interior',
                'measured_at' => 'inside',
            ],
        )->assertOk();
        $areas = array_map(
            static fn($space): float => round($space->outline->area() / 1e6, 2),
            array_slice((new Home($this->layout()))->plans['G']->spaces, -2),
        );
        sort($areas);
        // drawn along the outer faces, and along the inner ones
        self::assertSame([2.8 * 1.8, 3.0 * 2.0], $areas);
        $this->act('rectangle', ['from' => '0,0', 'size' => '3 m x deep', 'thickness' => '100'])->assertUnprocessable();
    }

    public function test_walls_are_offset_split_and_joined(): void
    {
        $this->act('parallel', ['select' => 'w5', 'distance' => '900', 'side' => 'right'])
            ->assertOk()->assertSee('data-chosen="w6"', false);
        self::assertEqualsWithDelta(6050.0, $this->wall('w6')->from->x, 1e-6);
        $this->act('split', ['select' => 'w1', 'distance' => '3 m'])->assertOk();
        self::assertEqualsWithDelta(3000.0, $this->wall('w1')->line()->length(), 1e-6);
        $this->act('join', ['select' => 'w1'])->assertOk();
        self::assertEqualsWithDelta(8200.0, $this->wall('w1')->line()->length(), 1e-6);
        $this->act('join', ['select' => 'w5'])->assertUnprocessable()->assertSee('No wall goes on in its line.');
    }

    /** @return iterable<string, array{array<string, string>, float, float}> what is typed, and how wide the two rooms are then */
    public static function distances(): iterable
    {
        yield 'the wall itself moves' => [['other' => 'w4', 'side' => 'left', 'distance' => '4500', 'moves' => 'own'], 4500.0, 3400.0];
        yield 'the other wall moves' => [['other' => 'w4', 'side' => 'left', 'distance' => '4500', 'moves' => 'other'], 4500.0, 2900.0];
        yield 'as it is' => [['other' => 'w2', 'side' => 'right', 'distance' => '2900', 'moves' => 'own'], 5000.0, 2900.0];
        yield 'between centre lines' => [
            ['other' => 'w2', 'side' => 'right', 'distance' => '3 m', 'moves' => 'own', 'datum' => 'centre line'],
            5050.0,
            2850.0,
        ];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('distances')]
    public function test_a_dimension_that_a_wall_carries_is_typed(array $typed, float $first, float $second): void
    {
        $this->act('distance', ['select' => 'w5', ...$typed])->assertOk();
        $widths = array_map(static fn($room): ?float => $room->outline()?->bounds()->width(), (new Home($this->layout()))->rooms);
        self::assertEqualsWithDelta([$first, $second], $widths, 1e-3);
        $this
            ->act('distance', ['select' => 'w5', 'other' => 'w9', 'side' => 'left', 'distance' => '1'])
            ->assertUnprocessable()
            ->assertSee('do not look at each other any more');
    }

    public function test_a_wall_is_made_longer(): void
    {
        $this->act('length', ['select' => 'w1', 'distance' => '8500'])->assertOk();
        self::assertEqualsWithDelta(8400.0, $this->wall('w2')->from->x, 1e-6);
        $this->act('length', ['select' => 'w1', 'distance' => '1,500'])->assertUnprocessable()->assertSee('two ways');
    }

    public function test_openings_are_placed_as_one_says_it(): void
    {
        $this->act(
            'openings',
            ['wall' => 'w1', 'kind' => 'window', 'size' => '0', 'stretch' => 'whole', 'place' => 'spaced', 'count' => '3'],
        )->assertOk();
        // 8 m between corners, three of 1 m: five quarters of a metre between
        self::assertEqualsWithDelta(
            [1850.0, 4100.0, 6350.0],
            array_map(static fn(Opening $opening): float => $opening->at, $this->layout()->storeys[0]->openings),
            1e-6,
        );
        $this->act(
            'openings',
            ['wall' => 'w5', 'kind' => 'door', 'size' => '2', 'stretch' => '0', 'place' => 'edge_from_start', 'distance' => '150'],
        )->assertOk();
        $door = $this->opening(3);
        self::assertEqualsWithDelta([726.0, 100.0 + 150 + 363], [$door->width, $door->at], 1e-6);
        // the next one as the last
        $this->act('openings', ['wall' => 'w5', 'kind' => 'door'])->assertOk();
        self::assertSame(726.0, $this->opening(4)->width);
        self::assertEqualsWithDelta((100 + 150 + 726 + 5100) / 2, $this->opening(4)->at, 1e-6);
        $this
            ->act('openings', ['wall' => 'w5', 'kind' => 'door', 'stretch' => '0', 'place' => 'centred'])
            ->assertUnprocessable()
            ->assertSee('does not fit');
        $this
            ->act('openings', ['wall' => 'w5', 'kind' => 'door', 'stretch' => '8', 'place' => 'centred'])
            ->assertUnprocessable()
            ->assertSee('choose the stretch anew');

        $this->act(
            'move-opening',
            ['select' => $door->id, 'stretch' => '0', 'place' => 'middle_from_start', 'distance' => '500'],
        )->assertOk();
        self::assertEqualsWithDelta(600.0, $this->opening(3)->at, 1e-6);
        $this->act(
            'openings',
            ['wall' => 'w3', 'kind' => 'door', 'size' => '4', 'stretch' => 'whole', 'place' => 'edge_from_start', 'distance' => '0'],
        )->assertOk();
        // 300, 926 and 300 from the corner on
        self::assertEqualsWithDelta(
            [[100 + 300 + 463.0, 926.0], [100 + 150.0, 300.0], [100 + 1226 + 150.0, 300.0]],
            array_map(fn(int $number): array => [$this->opening($number)->at, $this->opening($number)->width], [5, 6, 7]),
            1e-6,
        );
        $this->act('move-opening', ['select' => 'nobody'])->assertUnprocessable();
    }

    public function test_things_are_placed_moved_repeated_and_copied(): void
    {
        $this->act('fixture', ['kind' => 'wardrobe', 'at' => '1000,400'])->assertOk()->assertSee('The wardrobe WR1 in Living added');
        self::assertEqualsWithDelta([[1000.0, 0.0], 90.0], [$this->fixture(0)->at->toArray(), $this->fixture(0)->facing], 1e-4);
        $this->act('stand', ['select' => 'f1', 'side' => 'left', 'distance' => '600'])->assertOk();
        self::assertEqualsWithDelta(600.0, $this->fixture(0)->at->x, 1e-4);
        $this->act('repeat', ['select' => 'f1', 'count' => '2', 'distance' => '50', 'side' => 'right'])->assertOk();
        self::assertEqualsWithDelta(
            [600.0, 1850.0, 3100.0],
            array_map(static fn(Fixture $fixture): float => $fixture->at->x, $this->layout()->storeys[0]->fixtures),
            1e-4,
        );
        $this->act('move-fixture', ['select' => 'f2', 'at' => '7700,2500'])->assertOk();
        self::assertEqualsWithDelta([[8000.0, 2800.0], 180.0], [$this->fixture(1)->at->toArray(), $this->fixture(1)->facing], 300.1);
        $this->act('move-fixture', ['select' => 'f2', 'at' => '2000,2500', 'free' => '1'])->assertOk();
        self::assertEqualsWithDelta([2000.0, 2500.0], $this->fixture(1)->at->toArray(), 1e-6);
        $this->act('mirror', ['select' => 'f1'])->assertUnprocessable()->assertSee('same on both sides');
        $this->act('storey', [])->assertOk();
        $this->act('edit', ['edit' => '{"edit": "change", "id": "f1", "values": {"base": 1500}}'])->assertOk();
        $this->act('copy', ['select' => 'f1', 'to_storey' => 's1'])->assertOk();
        self::assertSame(1500.0, $this->layout()->storeys[1]->fixtures[0]->base, 'it keeps its height above the floor');
        $this->act('copy', ['select' => 'f1', 'at' => '3000,3000'])->assertOk();
        self::assertCount(4, $this->layout()->storeys[0]->fixtures);
    }

    public function test_stairs_voids_notes_and_taped_distances(): void
    {
        $this->act('stair', ['at' => '1000,1000', 'towards' => '90'])->assertUnprocessable()->assertSee('add it first');
        $this->act('storey', [])->assertOk();
        // 2400 + 300 over at most 180 each: 15 risers of 180
        $this->act('stair', ['at' => '1000,1000', 'towards' => '90'])->assertOk()->assertSee('Each riser comes to 180 mm.');
        $this->act('flight', ['select' => 'st1', 'risers' => '16', 'tread' => '270'])->assertOk()->assertSee('168.8 mm');
        $flight = $this->layout()->stairs[0]->parts[0];
        self::assertEquals(new Flight(16, 270.0, null), $flight);
        $this->act('flight', ['select' => 'st1', 'risers' => '99', 'tread' => '270'])->assertRedirect();
        $this->act('void', ['from' => '500,500', 'size' => '1 m by 4 m'])->assertOk();
        $this->act('void', ['from' => '500,500', 'to' => '500,900'])->assertUnprocessable();
        $this
            ->act('resize-void', ['select' => 'v1', 'size' => '1100 x 4 m'])
            ->assertOk()
            ->assertSee('value="1100 x 4000"', false)
            ->assertSee('Left, 4000 mm: no storey is drawn below');
        $this->act('resize-void', ['select' => 'v1', 'size' => '1100'])->assertUnprocessable();
        $this
            ->get("/schemes/{$this->scheme->id}/elements?storey=G")
            ->assertSee('Floor openings')
            ->assertSee('1100 mm by 4000 mm')
            ->assertSee('Stairs')
            ->assertSee('16 risers');
        $this->act('storey', ['where' => 'below'])->assertOk();
        $this->get("/schemes/{$this->scheme->id}/board?storey=G&select=v1")->assertSee('Left, 4000 mm: open');
        self::assertSame([-2700.0, 0.0, 2700.0], array_map(static fn($storey): ?float => $storey->elevation, $this->layout()->storeys));
        $this->act('note', ['at' => '500,500'])->assertOk()->assertSee('data-chosen="m1"', false);
        $this
            ->act('values', ['select' => 'm1', 'fields' => ['text' => 'Check the sill <here>']])
            ->assertOk()
            ->assertSee('Check the sill &lt;here&gt;', false);
        $this
            ->act('taped', ['from' => '0,0', 'to' => '5000,0', 'measured' => '5010', 'group' => 'A', 'role' => 'overall'])
            ->assertOk()
            ->assertSee('(+10 mm)');
        self::assertSame(['A', 'overall'], [$this->layout()->survey[0]->group, $this->layout()->survey[0]->role?->value]);
    }

    public function test_several_are_done_to_at_once_and_undone_at_once(): void
    {
        foreach (['2000,500', '3000,2500', '6500,3000'] as $at) {
            $this->act('fixture', ['kind' => 'chair', 'at' => $at])->assertOk();
        }
        $ids = ['f1', 'f2', 'f3'];
        $before = $this->layout()->storeys[0]->fixtures;
        $this->act('set-all', ['ids' => $ids, 'fields' => ['width' => '510', 'height' => '']])->assertOk()->assertSee('3 chosen');
        self::assertSame(
            [510.0, 510.0, 510.0],
            array_map(static fn(Fixture $fixture): ?float => $fixture->width, $this->layout()->storeys[0]->fixtures),
        );
        $this->undo();
        self::assertEquals($before, $this->layout()->storeys[0]->fixtures);
        $this->act('values', ['select' => 'f2', 'fields' => ['depth' => '555']])->assertOk();
        $this->act('set-all', ['ids' => $ids, 'like' => 'f2'])->assertOk();
        self::assertSame(
            [555.0, 555.0, 555.0],
            array_map(static fn(Fixture $fixture): ?float => $fixture->depth, $this->layout()->storeys[0]->fixtures),
        );
        $this->act('set-all', ['ids' => $ids, 'like' => 'f2'])->assertUnprocessable()->assertSee('None of them');
        $this->act('set-all', ['ids' => $ids, 'fields' => ['width' => '1,500']])->assertUnprocessable();
        $this->act('line-up', ['ids' => $ids, 'along' => 'up'])->assertOk();
        self::assertCount(
            1,
            array_unique(array_map(
                static fn($fixture): float => round($fixture->bounds?->middle()->x ?? 0.0, 2),
                (new Home($this->layout()))->fixtures,
            )),
        );
        $this->act('line-up', ['ids' => $ids, 'along' => 'spaced-up'])->assertOk();
        $this->act('move', ['ids' => $ids, 'by' => '10,20'])->assertOk();
        $this->act('turn', ['ids' => $ids])->assertOk();
        $this->act('mirror', ['ids' => $ids, 'from' => '3000,0', 'to' => '3000,100'])->assertOk();
        $this->act('mirror', ['ids' => $ids, 'from' => '3000,0', 'to' => '3000,0'])->assertUnprocessable();
        $this->act('copy', ['ids' => $ids, 'at' => '3000,3000'])->assertOk();
        self::assertCount(6, $this->layout()->storeys[0]->fixtures);
        $this->act('remove', ['ids' => $ids])->assertOk();
        self::assertCount(3, $this->layout()->storeys[0]->fixtures);
        $this->undo();
        self::assertCount(6, $this->layout()->storeys[0]->fixtures);
        $this->get("/schemes/{$this->scheme->id}/board?storey=G&select=f1&ids[]=f1&ids[]=f2&ids[]=gone")->assertOk()->assertSee('2 chosen');
    }

    public function test_things_and_openings_are_placed_by_what_is_beside_them(): void
    {
        $this->act('fixture', ['kind' => 'refrigerator', 'at' => '400,100'])->assertOk();
        $this
            ->act('fixture', ['kind' => 'sink', 'at' => '2000,100'])
            ->assertOk()
            ->assertSee('Place it by something else')
            ->assertSee('Fill the gap of');
        $this->act('beside', ['select' => 'f2', 'mine' => 'near', 'theirs' => 'near', 'other' => 'f1', 'distance' => '0'])->assertOk();
        self::assertEqualsWithDelta(0.0, $this->apart(0, 1), 0.01);
        $this->act('between', ['select' => 'f2', 'how' => 'centre'])->assertOk();
        $this->act('between', ['select' => 'f2', 'how' => 'fill'])->assertOk();
        self::assertEqualsWithDelta(0.0, $this->apart(0, 1), 0.01);
        $this
            ->act('beside', ['select' => 'f2', 'other' => 'gone', 'distance' => '0'])
            ->assertUnprocessable()
            ->assertSee('not there any more');
        $this->act('beside', ['select' => 'f2', 'other' => 'f1', 'distance' => 'x'])->assertUnprocessable();

        $this->act('openings', ['wall' => 'w5', 'kind' => 'gap', 'size' => '0'])->assertOk()->assertSee('Make it a door');
        $at = $this->opening(0)->at;
        $this->act('convert', ['select' => 'o1'])->assertOk()->assertSee('Make it a bare opening');
        self::assertSame(
            ['door', $at, 'hinged'],
            [$this->opening(0)->kind->value, $this->opening(0)->at, $this->opening(0)->door?->operation?->value],
        );
        // wider by 200: the pier at its start stays, or the one at its end, or its middle
        foreach ([['from', 100.0], ['to', -100.0], ['', 0.0]] as [$keeps, $shift]) {
            $was = $this->opening(0);
            $this->act(
                'values',
                ['select' => 'o1', 'keeps' => $keeps, 'fields' => ['width' => (string) (($was->width ?? 0.0) + 200)]],
            )->assertOk();
            self::assertEqualsWithDelta($was->at + $shift, $this->opening(0)->at, 0.001, $keeps);
        }
        $this->act('values', ['select' => 'o1', 'fields' => ['operation' => 'folding']])->assertOk()->assertSee('Each leaf is');
        $this->act('values', ['select' => 'o1', 'fields' => ['leaves' => '6']])->assertOk()->assertSee('Each leaf is 250 mm wide');
        $this->act('convert', ['select' => 'o1'])->assertOk();
        self::assertSame('gap', $this->opening(0)->kind->value);
        $this->act('convert', ['select' => 'f1'])->assertUnprocessable();
    }

    /** How far two fixtures stand apart along the lower wall. */
    private function apart(int $one, int $other): float
    {
        $fixtures = (new Home($this->layout()))->fixtures;

        return ($fixtures[$other]->bounds->left ?? 0.0) - ($fixtures[$one]->bounds->right ?? 0.0);
    }

    public function test_walls_are_copied_with_openings_and_names(): void
    {
        $this->act('openings', ['wall' => 'w5', 'kind' => 'door', 'size' => '0'])->assertOk();
        $walls = array_map(static fn(Wall $wall): string => $wall->id, $this->layout()->storeys[0]->walls);
        [$rooms, $openings] = [count($this->layout()->storeys[0]->rooms), count($this->layout()->storeys[0]->openings)];
        $this->act('copy', ['ids' => $walls, 'at' => '20000,2500'])->assertOk();
        self::assertCount(2 * count($walls), $this->layout()->storeys[0]->walls);
        self::assertCount(2 * $rooms, $this->layout()->storeys[0]->rooms);
        self::assertCount(2 * $openings, $this->layout()->storeys[0]->openings);
        $areas = array_map(static fn($room): float => round($room->outline()?->area() ?? 0.0), (new Home($this->layout()))->rooms);
        self::assertEquals(array_slice($areas, 0, $rooms), array_slice($areas, $rooms));
    }

    public function test_what_an_act_would_come_to_is_drawn_and_nothing_is_changed(): void
    {
        $this->act('distance', ['select' => 'w5', 'other' => 'w4', 'side' => 'left', 'distance' => '4500'], 'trials')->assertOk()
            ->assertSee('class="trial-wall"', false)->assertSee('4500 mm')->assertSee('3400 mm');
        $this->act('fixture', ['kind' => 'bed', 'at' => '2500,1000'], 'trials')->assertOk()->assertSee('front-zone', false);
        $this->act('fixture', ['kind' => 'bed', 'at' => 'x'], 'trials')->assertUnprocessable();
        $this->act('nothing', [], 'trials')->assertNotFound();
        $this->act('nothing', [])->assertNotFound();
        self::assertSame(1, Scheme::query()->findOrFail($this->scheme->id)->version);
    }

    public function test_the_elements_are_listed_in_words(): void
    {
        $this->act('openings', ['wall' => 'w5', 'kind' => 'door', 'size' => '0'])->assertOk();
        $this->get("/schemes/{$this->scheme->id}/elements?storey=G")->assertOk()
            ->assertSee('Living')->assertSee('25 m², 5000 mm by 5000 mm, beside the outside, Bedroom')
            ->assertSee('Wall between Living')->assertSee('interior, 5200 mm long, 100 mm thick')
            ->assertSee('826 mm wide')->assertSee('in the wall between Living and Bedroom, its middle 2600 mm from the wall’s start');
        $this->get("/schemes/{$this->scheme->id}/elements?storey=none")->assertOk()->assertSee('Nothing is drawn yet.');
    }

    public function test_dimensions_are_a_matter_of_looking(): void
    {
        $this->post(
            "/schemes/{$this->scheme->id}/dimensions",
            ['storey' => 'G', 'outside' => 'chain', 'inside' => '1', 'datum' => 'centre line', 'units' => 'm', 'precision' => 'fine'],
        )->assertOk()
            ->assertSee('Dimensions to centre lines, in metres')->assertSee('>5.15<', false);
        $this
            ->post(
                "/schemes/{$this->scheme->id}/dimensions",
                ['storey' => 'G', 'outside' => 'sideways', 'datum' => 'skin', 'units' => 'ell'],
            )
            ->assertSessionHasErrors(['outside', 'datum', 'units']);
        self::assertSame('chain', $this->scheme->refresh()->dimensionStyle()->outside, 'as it was');
        self::assertSame(1, Scheme::query()->findOrFail($this->scheme->id)->version);
    }

    public function test_parts_come_in_order_and_unchanged_ones_not_at_all(): void
    {
        $first = $this->parts('');
        self::assertSame(
            [
                'board-message', 'board-state', 'inspector', 'storeys', 'dimension-note', 'guide', 'plan', 'marks', 'witness',
                'board-letter', 'board-findings', 'board-checked',
            ],
            array_column($first, 'id'),
        );
        $again = $this->parts(implode(' ', array_column($first, 'hash')));
        self::assertSame(array_fill(0, count($first), ''), array_column($again, 'id'));
        self::assertSame(array_column($first, 'hash'), array_column($again, 'hash'));
        $this->act('edit', ['edit' => '{"edit": "document", "values": {"north": 12}}'])->assertOk();
        $changed = $this->parts(implode(' ', array_column($first, 'hash')));
        self::assertSame(
            ['board-state', 'inspector', 'board-checked'],
            array_values(array_filter(array_column($changed, 'id'), static fn(string $id): bool => $id !== '')),
        );
    }

    /** @return list<array{hash: string, id: string}> */
    private function parts(string $known): array
    {
        $content = $this
            ->get("/schemes/{$this->scheme->id}/board", [BoardParts::HEADER => $known])
            ->assertOk()
            ->assertHeader(BoardParts::HEADER)
            ->streamedContent();
        preg_match_all('/<!--part (\w+)-->(.*?)<!--\/part-->/s', $content, $found, PREG_SET_ORDER);

        return array_map(
            static fn(array $part): array => [
                'hash' => $part[1],
                'id' => preg_match('/ id="([\w-]+)"/', $part[2], $id) === 1 ? $id[1] : '',
            ],
            $found,
        );
    }

    private function undo(): void
    {
        $this->post(
            "/schemes/{$this->scheme->id}/undo",
            ['version' => Scheme::query()->findOrFail($this->scheme->id)->version, 'storey' => 'G'],
        )->assertOk();
    }

    public function test_the_ground_outside_and_north_are_set_on_the_board(): void
    {
        $this->orchard();
        $upper = $this->layout()->storeys[1];
        foreach ([
            [['fields' => ['ground' => '6"', 'north' => '30']], -152.4, 60.0],
            [['fields' => ['ground' => '-1\'', 'north' => '270']], 304.8, -180.0],
            [['fields' => ['ground' => '0', 'north' => '0']], 0.0, 90.0],
            [
                ['fields' => ['ground' => '10\'', 'north' => ''], 'storey' => $upper->id],
                round(($upper->elevation ?? 0.0) - 3048.0, 4),
                null,
            ],
            [['fields' => ['ground' => '', 'north' => '']], null, null],
        ] as [$typed, $grade, $north]) {
            $this->act('home', $typed)->assertOk();
            self::assertSame([$grade, $north], [$this->layout()->grade, $this->layout()->north], json_encode($typed, JSON_THROW_ON_ERROR));
        }
    }

    public function test_the_ground_and_north_are_shown_as_they_were_typed(): void
    {
        foreach ([['150', '30'], ['-305.5', '270'], ['0', '0'], ['', '']] as [$ground, $north]) {
            $page = $this->act('home', ['fields' => ['ground' => $ground, 'north' => $north]])->assertOk()->getContent();
            self::assertStringContainsString('name="fields[ground]" value="'.$ground.'"', (string) $page);
        }
        $this->orchard();
        foreach ([['6"', '30'], ['-1\'-0"', '270'], ['0"', '0'], ['', '']] as [$ground, $north]) {
            $page = $this->act('home', ['fields' => ['ground' => $ground, 'north' => $north]])->assertOk()->getContent();
            self::assertStringContainsString('name="fields[ground]" value="'.e($ground).'"', (string) $page);
            self::assertStringContainsString('name="fields[north]" value="'.$north.'"', (string) $page);
        }
    }

    public function test_rails_of_a_stair_and_the_level_outside_a_door_are_set_on_the_board(): void
    {
        $this->orchard();
        $stair = $this->layout()->stairs[0];
        foreach ([
            [['rail_left' => '36"', 'rail_right' => 'None'], ['left' => 914.4, 'right' => null]],
            [['rail_left' => '', 'rail_right' => '2\'-10"'], ['right' => 863.6]],
            [['rail_left' => '', 'rail_right' => ''], null],
        ] as [$typed, $heights]) {
            $page = (string) $this->act('handrails', ['select' => $stair->id, 'fields' => $typed])->assertOk()->getContent();
            self::assertSame($heights, $this->layout()->stairs[0]->handrails?->heights);
            self::assertStringContainsString('name="fields[rail_right]" value="'.e(strtolower(rtrim($typed['rail_right']))).'"', $page);
        }
        $this
            ->act('handrails', ['select' => $stair->id, 'fields' => ['rail_left' => 'high']])
            ->assertUnprocessable()
            ->assertSee('Or type none.')
            ->assertSee('value="high"', false);

        $doors = array_values(array_filter(
            $this->layout()->storeys[0]->openings,
            static fn(Opening $opening): bool => $opening->kind === OpeningKind::Door,
        ));
        foreach ([['7 3/4"', -196.85], ['-2"', 50.8], ['', null]] as [$typed, $level]) {
            $page = (string) $this
                ->act('outside-level', ['select' => $doors[0]->id, 'fields' => ['outside_level' => $typed]])
                ->assertOk()
                ->getContent();
            self::assertStringContainsString('name="fields[outside_level]" value="'.e($typed).'"', $page);
            $door = array_values(array_filter(
                $this->layout()->storeys[0]->openings,
                static fn(Opening $opening): bool => $opening->id === $doors[0]->id,
            ))[0];
            self::assertSame($level, $door->door?->exteriorLevel);
        }
        $this->act('outside-level', ['select' => $doors[0]->id, 'fields' => ['outside_level' => 'low']])->assertUnprocessable();
        $this->act('outside-level', ['select' => 'gr1', 'fields' => ['outside_level' => '1"']])->assertUnprocessable();
    }

    public function test_a_ground_that_cannot_be_read_is_told_at_its_field(): void
    {
        $before = $this->layout();
        $this
            ->act('home', ['fields' => ['ground' => 'deep', 'north' => '']])
            ->assertUnprocessable()
            ->assertSee('class="field-error"', false)
            ->assertSee('value="deep"', false);
        $this
            ->act('home', ['fields' => ['ground' => '', 'north' => 'up']])
            ->assertUnprocessable()
            ->assertSee('Type degrees, from 0 to 360.');
        $this->act('home', ['fields' => ['ground' => '', 'north' => '361']])->assertUnprocessable();
        $this->act('home', ['fields' => ['ground' => '20 km', 'north' => '']])->assertUnprocessable();
        self::assertEquals($before, $this->layout());
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return TestResponse<Response>
     */
    private function act(string $act, array $values, string $how = 'acts'): TestResponse
    {
        $version = Scheme::query()->findOrFail($this->scheme->id)->version;

        return $this->post("/schemes/{$this->scheme->id}/{$how}/{$act}", ['version' => $version, 'storey' => 'G', ...$values]);
    }

    /** A home in feet and inches, of two storeys. */
    private function orchard(): void
    {
        $this->scheme = $this->app->make(OpenProject::class)->open(
            $this->scheme->revisions()->firstOrFail()->submitter,
            (new LayoutReader())->read((string) file_get_contents(self::demoFile())),
            null,
            ['us-irc-2021'],
        )->scheme;
    }

    /** @phpstan-impure */
    private function layout(): Layout
    {
        return Scheme::query()->findOrFail($this->scheme->id)->layout;
    }

    private function wall(string $id): Wall
    {
        return $this->layout()->storeys[0]->wall($id) ?? throw new \LogicException("No wall {$id}.");
    }

    private function opening(int $number): Opening
    {
        return $this->layout()->storeys[0]->openings[$number];
    }

    private function fixture(int $number): Fixture
    {
        return $this->layout()->storeys[0]->fixtures[$number];
    }

    private static function home(): Layout
    {
        $corners = [[-100, -100], [8100, -100], [8100, 5100], [-100, 5100]];
        $walls = array_map(
            static fn(int $i): array => [
                'id' => 'w'.($i + 1), 'from' => $corners[$i], 'to' => $corners[($i + 1) % 4], 'thickness' => 200, 'type' => 'exterior',
            ],
            range(0, 3),
        );
        $walls[] = ['id' => 'w5', 'from' => [5050, -100], 'to' => [5050, 5100], 'thickness' => 100, 'type' => 'interior'];
        $rooms = [
            ['id' => 'r1', 'name' => 'Living', 'use' => 'living', 'at' => [1000, 1000]],
            ['id' => 'r2', 'name' => 'Bedroom', 'use' => 'bedroom', 'at' => [7000, 1000]],
        ];

        return (new LayoutReader())->read(json_encode([
            'format' => 'heurema-layout', 'version' => 1, 'name' => 'Two rooms', 'units' => 'metric',
            'storeys' => [
                [
                    'id' => 'G', 'name' => 'Ground', 'elevation' => 0, 'ceiling' => 2400, 'floor_thickness' => 300, 'walls' => $walls,
                    'rooms' => $rooms,
                ],
            ]], JSON_THROW_ON_ERROR));
    }
}
