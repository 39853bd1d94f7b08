<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Drawing\LengthStyle;
use App\Drawing\PlanLayer;
use App\Models\Scheme;
use App\Models\User;
use App\Sheets\SchemeSheets;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\DimensionKind;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Tests\Sketch;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Dimensions placed by hand, setting-out lines, how figures are written and what plans show, as the board is asked for them. */
final class DimensionsOnBoardTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $designer = User::factory()->create();
        $layout = Sketch::room(4000, 3000)->door('w1', 1500, 800)->fixture('f', 'bed', 1000, 3000, 270, 1400, 2000)->layout();
        $this->scheme = $this->app->make(OpenProject::class)->open($designer, $layout, null, ['us-irc-2021'])->scheme;
        $this->actingAs($designer);
    }

    public function test_one_is_placed_between_two_places(): void
    {
        $place = ['from' => '0,1000', 'to' => '4000,1000', 'through' => '2000,500'];
        $this->act('place-dimension', [...$place, 'way' => 'across'])->assertOk()->assertSee('placed-dimension', false);
        $placed = $this->layout()->storeys[0]->dimensions[0];
        self::assertSame([['w4', 'w2'], 0.0, DimensionKind::Length], [$placed->measures(), $placed->direction, $placed->kind]);
        $this->act('place-dimension', [...$place, 'kind' => 'radius'])->assertOk()->assertSee('R 4000');
        $this->act('place-dimension', ['from' => '2000,0', 'to' => '4000,2000', 'through' => '3500,500', 'kind' => 'angle'])
            ->assertOk()->assertSee('90.0°');
        self::assertSame(['w1', 'w2'], $this->layout()->storeys[0]->dimensions[2]->measures());
        // what measures nothing, or no two walls, is refused and nothing is drawn
        foreach ([
            ['from' => '0,1000', 'to' => '0,2000', 'through' => '0,0', 'way' => 'across'],
            ['from' => '500,500', 'to' => '500,500', 'through' => '0,0'],
            ['from' => '1000,0', 'to' => '2000,0', 'through' => '0,0', 'kind' => 'angle'],
            ['from' => '1000,1000', 'to' => '2000,0', 'through' => '0,0', 'kind' => 'angle'],
            ['from' => '0,1000', 'to' => '4000,2000', 'through' => '0,0', 'kind' => 'angle'],
            ['from' => '500,500', 'to' => '500.9,500', 'through' => '0,0'],
            ['from' => '500,500', 'to' => '500.9,900', 'through' => '0,0', 'way' => 'across'],
            ['from' => 'x', 'to' => '2000,0', 'through' => '0,0'],
        ] as $number => $wrong) {
            $this->act('place-dimension', $wrong)->assertUnprocessable();
            self::assertCount(3, $this->layout()->storeys[0]->dimensions, "{$number}");
        }
        // typed like any other, and taken away with what it measures
        $this->act('dimension', ['from' => '0,500', 'to' => '4000,500', 'distance' => '4200', 'moves' => 'w2 to'])->assertOk();
        self::assertEqualsWithDelta(4300.0, $this->layout()->storeys[0]->wall('w2')?->from->x, 0.01);
        $this->act('remove', ['select' => 'w2'])->assertOk();
        self::assertSame([], $this->layout()->storeys[0]->dimensions);
    }

    public function test_places_a_millimetre_apart_are_two(): void
    {
        foreach (['500.9' => 0, '501' => 1, '501.1' => 2] as $x => $count) {
            $this->act('place-dimension', ['from' => '500,500', 'to' => "{$x},500", 'through' => '0,0', 'way' => 'across']);
            self::assertCount($count, $this->layout()->storeys[0]->dimensions, (string) $x);
        }
    }

    public function test_setting_out_lines_lie_at_a_distance_from_a_face_or_an_axis(): void
    {
        $this->act('setting-out', ['select' => 'w4', 'distance' => '600', 'side' => 'left'])->assertOk();
        // w4 leads down at x = -100, 200 thick: its left face is at 0
        $line = $this->layout()->axes[0];
        self::assertSame(['S1', [600.0, 600.0]], [$line->name, [$line->from->x, $line->to->x]]);
        $this->act('setting-out', ['select' => $line->id, 'distance' => '400', 'side' => 'left'])->assertOk();
        $this->act('setting-out', ['select' => 'w4', 'distance' => '0', 'side' => 'right'])->assertOk();
        self::assertSame([['S1', 600.0], ['S2', 1000.0], ['S3', -200.0]], array_map(
            static fn($axis): array => [$axis->name, round($axis->from->x, 3)],
            $this->layout()->axes,
        ));
        $this->act('setting-out', ['select' => 'f', 'distance' => '400'])->assertUnprocessable()->assertSee('Choose a wall or an axis.');
        $this->act('setting-out', ['select' => 'w4', 'distance' => 'far'])->assertUnprocessable();
        self::assertCount(3, $this->layout()->axes);
    }

    /** @return iterable<string, array{LengthStyle, float, string}> */
    public static function figures(): iterable
    {
        yield 'noughts are kept' => [new LengthStyle('m', decimals: '2'), 3600.0, '3.60'];
        yield 'with the unit' => [new LengthStyle('m', decimals: '2', hasSuffix: true), 3600.0, '3.60 m'];
        yield 'a figure that is cut is rounded' => [new LengthStyle('m', decimals: '2'), 3604.0, '≈ 3.60'];
        yield 'to the decimal' => [new LengthStyle('m', decimals: '1'), 3650.0, '≈ 3.7'];
        yield 'millimetres without' => [new LengthStyle('mm', decimals: '0', hasSuffix: true), 3604.0, '3604 mm'];
        yield 'as many as needed' => [new LengthStyle('cm'), 360.4, '≈ 36'];
        yield 'the rougher of two counts' => [new LengthStyle('mm', 'rough', '2'), 3604.0, '≈ 3600.00'];
        yield 'inches have their own' => [new LengthStyle('in', decimals: '2', hasSuffix: true), 25.4 * 12.5, '12 1/2"'];
    }

    #[DataProvider('figures')]
    public function test_figures_with_fixed_decimals_and_their_unit(LengthStyle $style, float $mm, string $written): void
    {
        $layout = Sketch::room(1000, 1000)->layout();
        self::assertSame($written, $style->write($mm, $layout));
    }

    public function test_layers_are_hidden_on_the_board_and_otherwise_on_a_sheet(): void
    {
        $shown = fn(): string => (string) $this->get("/schemes/{$this->scheme->id}/board?storey=G")->assertOk()->getContent();
        self::assertStringContainsString('data-subject="f"', $shown());
        $this->post("/schemes/{$this->scheme->id}/dimensions", ['storey' => 'G', 'hidden' => 'furniture,areas'])->assertOk();
        self::assertStringNotContainsString('data-subject="f"', $shown());
        self::assertStringNotContainsString('12 m²', $shown());
        // the sheet shows what the board does, until it has layers of its own
        $view = ['kind' => 'plan', 'of' => 'G'];
        $sheet = function (array $view): string {
            $this->put("/schemes/{$this->scheme->id}/sheets/0", ['name' => 'S', 'paper' => 'A3', 'views' => [$view]])->assertRedirect();

            return (string) $this->get("/schemes/{$this->scheme->id}/sheets/0.svg")->assertOk()->getContent();
        };
        self::assertStringNotContainsString('data-subject="f"', $sheet($view));
        $own = [...$view, 'own' => '1', 'shown' => ['furniture', 'areas', 'dimensions']];
        self::assertStringContainsString('data-subject="f"', $sheet($own));
        self::assertSame(
            ['swings', 'structure', 'electrical', 'marks', 'levels'],
            array_column(SchemeSheets::set($this->scheme->refresh())->sheets[0]->views[0]->hidden ?? [], 'value'),
        );
        $this->put("/schemes/{$this->scheme->id}/sheets/0", ['name' => 'S', 'paper' => 'A3', 'views' => [[...$own, 'shown' => ['walls']]]])
            ->assertSessionHasErrors();
        // a word that is none hides nothing
        $this->post("/schemes/{$this->scheme->id}/dimensions", ['storey' => 'G', 'hidden' => 'walls'])->assertOk();
        self::assertSame([], $this->scheme->refresh()->dimensionStyle()->hidden);
    }

    public function test_what_is_hidden_with_furniture_and_with_lights(): void
    {
        $with = static fn(PlanLayer $layer): array => array_column(array_filter(
            FixtureKind::cases(),
            static fn(FixtureKind $kind): bool => PlanLayer::of($kind) === $layer,
        ), 'value');
        self::assertEqualsCanonicalizing([
            'bed', 'nightstand', 'wardrobe', 'sofa', 'armchair', 'table', 'chair', 'desk', 'shelf', 'television',
        ], $with(PlanLayer::Furniture));
        self::assertEqualsCanonicalizing(['lamp', 'switch', 'socket', 'smoke_alarm', 'co_alarm'], $with(PlanLayer::Electrical));
        self::assertSame(['column'], $with(PlanLayer::Structure));
    }

    public function test_a_turned_room_is_listed_with_its_own_sides(): void
    {
        $turn = Motion::turned(new Point(0, 0), 33);
        $corners = array_map(
            static fn(array $at): array => $turn->point(new Point(...$at))->toArray(),
            [[0, 0], [4200, 0], [4200, 3200], [0, 3200]],
        );
        $middle = $turn->point(new Point(2100, 1600));
        $layout = (new Sketch())->chain($corners)->use('r', 'bedroom', $middle->x, $middle->y)->layout();
        $designer = User::factory()->create();
        $scheme = $this->app->make(OpenProject::class)->open($designer, $layout, null, ['us-irc-2021'])->scheme;
        $this->actingAs($designer)->get("/schemes/{$scheme->id}/elements?storey=G")
            ->assertOk()->assertSee('4000 mm by 3000 mm');
    }

    private function layout(): Layout
    {
        return (new LayoutReader())->read((string) json_encode($this->scheme->refresh()->layout->toArray()));
    }

    /**
     * @param array<string, string> $values
     *
     * @return TestResponse<Response>
     */
    private function act(string $act, array $values): TestResponse
    {
        $version = $this->scheme->refresh()->version;

        return $this->post("/schemes/{$this->scheme->id}/acts/{$act}", ['version' => $version, 'storey' => 'G', ...$values]);
    }
}
