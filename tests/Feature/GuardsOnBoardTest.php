<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\FreePlaces;
use App\Drawing\OpenEdgeMarks;
use App\Models\User;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Guards and soffits drawn on the board; open edges guarded in one step, on every storey of every home of the demonstration. */
final class GuardsOnBoardTest extends TestCase
{
    use ActsOnBoard;
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs(User::factory()->create());
    }

    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach (new \DirectoryIterator(__DIR__.'/../../database/demo') as $file) {
            if ($file->getExtension() === 'json') {
                yield $file->getBasename('.json') => [$file->getPathname()];
            }
        }
    }

    #[DataProvider('homes')]
    public function test_all_open_edges_of_a_storey_are_guarded_in_one_step(string $file): void
    {
        $this->open((new LayoutReader())->read((string) file_get_contents($file)));
        foreach ($this->layout()->storeys as $storey) {
            $home = new Home($this->layout());
            $open = $home->openEdges($home->plans[$storey->id]);
            $answer = $this->act('guard-edges', ['storey' => $storey->id, 'select' => '', 'height' => '1 m', 'gap' => '95 mm']);
            if ($open->found === []) {
                $answer->assertUnprocessable();

                continue;
            }
            $answer->assertOk();
            $after = new Home($this->layout());
            self::assertSame([], $after->openEdges($after->plans[$storey->id])->found);
            foreach (array_slice($this->layout()->storey($storey->id)->guards ?? [], count($storey->guards)) as $guard) {
                self::assertSame([1000.0, 95.0], [$guard->height, $guard->largestGap]);
            }
        }
    }

    public function test_an_overlook_of_any_outline_is_guarded_where_it_is_open(): void
    {
        $this->open(self::twoStoreys([[2000, 2000], [5000, 2000], [5000, 3000], [4000, 4000], [2000, 4000]]));
        $this
            ->get($this->board('U', 'v1'))
            ->assertOk()
            ->assertSee('Guard its open edges')
            ->assertSee('a fall of 2800')
            ->assertSee('class="open-edge"', false);
        $this
            ->act('guard-edges', ['storey' => 'U', 'select' => 'v1', 'height' => '1100', 'gap' => '99'])
            ->assertOk()
            ->assertSee('data-chosen="g1"', false);
        self::assertCount(1, $this->layout()->storey('U')->guards ?? []);
        self::assertCount(6, $this->layout()->storey('U')->guards[0]->line ?? [], 'round and back to where it began');
        $this->get($this->board('U', 'v1'))->assertOk()->assertDontSee('Guard its open edges')->assertDontSee('class="open-edge"', false);
        $this->act('guard-edges', ['storey' => 'U', 'select' => 'v1'])->assertUnprocessable()->assertSee('None of its edges is open.');
    }

    public function test_falls_that_no_book_asks_a_guard_for_are_drawn_faintly(): void
    {
        foreach ([[599.9, 4], [600.0, 4], [600.04, 4], [600.1, 0]] as [$fall, $faint]) {
            $document = self::twoStoreys([[2000, 2000], [5000, 2000], [5000, 4000], [2000, 4000]])->toArray();
            $json = str_replace('"elevation":2800', '"elevation":'.$fall, (string) json_encode($document));
            $home = new Home((new LayoutReader())->read($json));
            $drawn = (new OpenEdgeMarks($home, $home->plans['U'], new FreePlaces(600.0), 10.0))->draw();
            self::assertSame($faint, substr_count($drawn, 'is-low'), "{$fall} mm");
        }
    }

    public function test_a_guard_is_drawn_typed_moved_listed_and_undone(): void
    {
        $this->open(self::twoStoreys([[2000, 2000], [5000, 2000], [5000, 4000], [2000, 4000]]));
        $before = $this->layout()->toArray();
        $this
            ->act('guard', ['storey' => 'U', 'line' => ['2000,2000', '5000,2000', '5000,4000'], 'height' => '42"', 'gap' => ''])
            ->assertOk()
            ->assertSee('data-chosen="g1"', false);
        $guard = $this->layout()->storey('U')->guards[0] ?? null;
        self::assertSame([3, 1066.8, null], [count($guard->line ?? []), $guard?->height, $guard?->largestGap]);
        $this
            ->get($this->board('U', 'g1'))
            ->assertOk()
            ->assertSee('Largest gap')
            ->assertSee('Climbable')
            ->assertSee('data-subject="g1"', false);
        $this->act(
            'edit',
            [
                'storey' => 'U',
                'select' => 'g1',
                'edit' => '{"edit": "change", "id": "g1", "values": {"largest_gap": 99, "climbable": false}}',
            ],
        )->assertOk();
        self::assertSame(
            [99.0, false],
            [$this->layout()->storey('U')->guards[0]->largestGap ?? null, $this->layout()->storey('U')->guards[0]->climbable ?? null],
        );
        $this->act('move', ['storey' => 'U', 'select' => 'g1', 'by' => '0,-50'])->assertOk();
        self::assertSame(1950.0, $this->layout()->storey('U')->guards[0]->line[0]->y ?? 0.0);
        $this
            ->get("/schemes/{$this->scheme->id}/elements?storey=U")
            ->assertOk()
            ->assertSee('Guards')
            ->assertSee('5000 mm long, 1066.8 mm high');
        foreach (range(1, 3) as $undo) {
            $this->post("/schemes/{$this->scheme->id}/undo", ['version' => $this->scheme->refresh()->version, 'storey' => 'U'])->assertOk();
        }
        self::assertSame($before, $this->layout()->toArray());
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'one place alone' => ['guard', ['line' => ['1,1']], 'runs from one place to another'];
        yield 'no place' => ['guard', ['line' => ['here', '2,2']], 'Point at a place'];
        yield 'no height' => ['guard', ['line' => ['0,0', '2000,0'], 'height' => 'high'], 'Nothing in a length is written'];
        yield 'a soffit without a width' => ['soffit', ['from' => '0,0', 'to' => '0,500', 'underside' => '2100'], 'some length and width'];
        yield 'a soffit without an underside' => ['soffit', ['from' => '0,0', 'to' => '900,500'], 'how high its underside is'];
    }

    /** @param array<string, mixed> $values */
    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_refused(string $act, array $values, string $why): void
    {
        $this->open(self::twoStoreys([[2000, 2000], [5000, 2000], [5000, 4000], [2000, 4000]]));
        $before = $this->layout()->toArray();
        $this->act($act, ['storey' => 'U', ...$values])->assertUnprocessable()->assertSee($why);
        self::assertSame($before, $this->layout()->toArray());
    }

    public function test_a_soffit_is_drawn_pointed_or_typed(): void
    {
        $this->open(self::twoStoreys([[2000, 2000], [5000, 2000], [5000, 4000], [2000, 4000]]));
        $this
            ->act('soffit', ['storey' => 'G', 'from' => '1000,1000', 'to' => '3000,1600', 'underside' => '2.1 m'])
            ->assertOk()
            ->assertSee('data-chosen="p1"', false);
        $this->act(
            'soffit',
            ['storey' => 'G', 'from' => '4000,1000', 'size' => '1 m x 300', 'grow' => '-1,1', 'underside' => '7 ft'],
        )->assertOk();
        [$pointed, $typed] = $this->layout()->storey('G')->soffits ?? [];
        self::assertSame([2000.0 * 600.0, 2100.0], [$pointed->outline->area(), $pointed->underside]);
        self::assertEqualsWithDelta(
            [1000.0 * 300.0, 2133.6, 3000.0],
            [$typed->outline->area(), $typed->underside, $typed->outline->bounds()->left],
            1e-6,
        );
        $this->get($this->board('G', 'p1'))->assertOk()->assertSee('Underside above floor')->assertSee('data-subject="p1"', false);
    }

    private function board(string $storey, string $chosen): string
    {
        return "/schemes/{$this->scheme->id}/board?storey={$storey}&select={$chosen}";
    }

    /** @param list<array{int, int}> $overlook an opening in the upper floor */
    private static function twoStoreys(array $overlook): Layout
    {
        $walls = static fn(string $storey): array => array_map(
            static fn(array $ends, int $number): array => [
                'id' => "{$storey}w{$number}", 'from' => $ends[0], 'to' => $ends[1], 'thickness' => 200, 'type' => 'exterior',
            ],
            [[[0, 0], [8000, 0]], [[8000, 0], [8000, 6000]], [[8000, 6000], [0, 6000]], [[0, 6000], [0, 0]]],
            [1, 2, 3, 4],
        );

        return (new LayoutReader())->read((string) json_encode([
            'format' => 'heurema-layout', 'version' => 1, 'name' => 'Overlook', 'units' => 'metric',
            'storeys' => [
                [
                    'id' => 'G',
                    'name' => 'Ground floor',
                    'elevation' => 0,
                    'ceiling' => 2500,
                    'floor_thickness' => 300,
                    'walls' => $walls('g'),
                    'rooms' => [['id' => 'gr1', 'name' => 'Hall', 'use' => 'hall', 'at' => [1000, 1000]]],
                ],
                [
                    'id' => 'U',
                    'name' => 'Upper floor',
                    'elevation' => 2800,
                    'ceiling' => 2500,
                    'floor_thickness' => 300,
                    'walls' => $walls('u'),
                    'rooms' => [['id' => 'ur1', 'name' => 'Gallery', 'use' => 'hall', 'at' => [1000, 1000]]],
                    'voids' => [['id' => 'v1', 'outline' => $overlook]],
                ],
            ]]));
    }
}
