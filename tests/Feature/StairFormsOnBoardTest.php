<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Drafting\StairForm;
use Heurema\Drafting\StairOutline;
use Heurema\Layout\Landing;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\RampRun;
use Heurema\Layout\Storey;
use Heurema\Spatial\Home;
use Heurema\Spatial\OutsideLevel;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\UnitSystem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A stair placed on the board takes every outline, to either hand, in both unit systems. */
final class StairFormsOnBoardTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;

    /** @return iterable<string, array{UnitSystem, string}> */
    public static function forms(): iterable
    {
        foreach (UnitSystem::cases() as $units) {
            foreach (['left', 'right'] as $hand) {
                yield "{$units->value}, {$hand}" => [$units, $hand];
            }
        }
    }

    #[DataProvider('forms')]
    public function test_it_takes_every_outline_and_goes_back_again(UnitSystem $units, string $hand): void
    {
        $this->begin($units);
        $before = $this->layout()->stairs[0]->toArray();
        $risers = $this->layout()->stairs[0]->risers();
        foreach (StairOutline::cases() as $outline) {
            $answer = $this->act(
                'stair-form',
                [
                    'outline' => $outline->value,
                    'hand' => $hand,
                    'first' => 5,
                    'landing' => $units === UnitSystem::Metric ? '900 mm' : '3 ft',
                    'inner' => '150 mm',
                ],
            );
            $answer->assertOk()->assertSee('data-chosen="st1"', false)->assertSee('value="'.$outline->value.'"', false);
            $stair = $this->layout()->stairs[0];
            $form = StairForm::of($stair);
            self::assertSame($outline, $form->outline);
            self::assertSame($risers, $stair->risers(), 'as many as before');
            if ($outline !== StairOutline::Straight) {
                self::assertSame($hand, $form->hand->value);
            }
            $this->get("/schemes/{$this->scheme->id}/stairs/st1")->assertOk();
        }
        $this->act('stair-form', ['outline' => 'straight', 'hand' => $hand])->assertOk();
        self::assertSame($before, $this->layout()->stairs[0]->toArray());
    }

    public function test_what_makes_no_sense_is_refused(): void
    {
        $this->begin(UnitSystem::Metric);
        $this
            ->act('stair-form', ['outline' => 'half_winders', 'first' => 12])
            ->assertUnprocessable()
            ->assertSee('are too few for a half turn with winders after 12 of them');
        $this->act('stair-form', ['outline' => 'quarter_landing', 'first' => 4, 'landing' => 'deep'])->assertUnprocessable();
        $this->act('stair-form', ['outline' => 'straight'], 'nothing')->assertUnprocessable()->assertSee('Choose a stair.');
    }

    public function test_steps_are_built_up_to_a_door_and_set_anew(): void
    {
        $user = User::factory()->create();
        $this->actingAs($user);
        $layout = (new LayoutReader())->read((string) file_get_contents(__DIR__.'/../../database/demo/heron-bungalow.json'));
        $this->scheme = $this->app->make(OpenProject::class)->open($user, $layout, null, ['us-irc-2021'])->scheme;
        $home = new Home($this->layout());
        $door = array_values(array_filter(
            $home->openings,
            static fn(PlacedOpening $opening): bool => $opening->type() === SubjectType::Door && $opening->isToOutside() === true,
        ))[0]
            ?? self::fail('No door leads outside.');
        $inner = array_values(array_filter(
            $home->openings,
            static fn(PlacedOpening $opening): bool => $opening->type() === SubjectType::Door && $opening->isToOutside() === false,
        ))[0]
            ?? self::fail('No door leads inside.');
        $this->act('home', ['storey' => $door->storey(), 'fields' => ['ground' => '600 mm', 'north' => '']], '')->assertOk();
        $this
            ->get("/schemes/{$this->scheme->id}/board?storey={$door->storey()}&select={$door->id()}")
            ->assertOk()
            ->assertSee('Steps up to it');
        $this
            ->get("/schemes/{$this->scheme->id}/board?storey={$door->storey()}&select={$inner->id()}")
            ->assertOk()
            ->assertDontSee('Steps up to it');
        $before = count($this->layout()->stairs);
        foreach ([['170 mm', 4], ['7 in', 4], ['130 mm', 5]] as [$riser, $risers]) {
            $this->act(
                'entrance-steps',
                ['storey' => $door->storey(), 'riser' => $riser, 'tread' => '280 mm', 'landing' => '900 mm', 'margin' => '150 mm'],
                $door->id(),
            )->assertOk();
            $steps = OutsideLevel::of(
                array_values(array_filter(
                    ($now = new Home($this->layout()))->openings,
                    static fn(PlacedOpening $one): bool => $one->id() === $door->id(),
                ))[0],
                $now,
            )->steps;
            self::assertSame($risers, $steps?->stair->risers());
        }
        self::assertLessThanOrEqual($before + 1, count($this->layout()->stairs));
        $this->act(
            'entrance-steps',
            ['storey' => $door->storey(), 'riser' => 'high', 'tread' => '280 mm', 'landing' => '900 mm'],
            $door->id(),
        )->assertUnprocessable();
        $this
            ->act(
                'entrance-steps',
                ['storey' => $door->storey(), 'riser' => '170 mm', 'tread' => '280 mm', 'landing' => '900 mm'],
                $inner->id(),
            )
            ->assertUnprocessable()
            ->assertSee('lead to a door to the outside');
    }

    public function test_a_ramp_is_built_up_to_a_door_its_runs_typed_and_its_rails_told(): void
    {
        $user = User::factory()->create();
        $this->actingAs($user);
        $layout = (new LayoutReader())->read((string) file_get_contents(__DIR__.'/../../database/demo/heron-bungalow.json'));
        $this->scheme = $this->app->make(OpenProject::class)->open($user, $layout, null, ['us-irc-2021'])->scheme;
        $isFront = static fn(PlacedOpening $one): bool => $one->type() === SubjectType::Door && $one->isToOutside() === true;
        $door = array_values(array_filter((new Home($this->layout()))->openings, $isFront))[0] ?? self::fail('No door leads outside.');
        $this->act('home', ['storey' => $door->storey(), 'fields' => ['ground' => '600 mm', 'north' => '']], '')->assertOk();
        $board = "/schemes/{$this->scheme->id}/board?storey={$door->storey()}";
        $this->get("{$board}&select={$door->id()}")->assertOk()->assertSee('Ramp up to it');
        $asked = ['storey' => $door->storey(), 'slope' => '12', 'width' => '1200 mm', 'landing' => '1500 mm', 'rise' => '300 mm'];
        $this->act('entrance-ramp', $asked, $door->id())->assertOk();
        $ramp = $this->layout()->ramps[0];
        self::assertEquals(
            [new RampRun(3600.0, 300.0), new Landing(1500.0), new RampRun(3600.0, 300.0), new Landing(1500.0)],
            $ramp->parts,
        );
        $this
            ->get("{$board}&select={$ramp->id}")
            ->assertOk()
            ->assertSee('Run 2')
            ->assertSee('1:12')
            ->assertSee('data-subject="'.$ramp->id.'"', false);
        $this->act(
            'ramp-run',
            ['storey' => $door->storey(), 'part' => 2, 'length' => '2400 mm', 'rise' => '300 mm'],
            $ramp->id,
        )->assertOk();
        $this->act('ramp-run', ['storey' => $door->storey(), 'part' => 1, 'length' => '900 mm'], $ramp->id)->assertOk();
        $rails = ['fields' => ['rail_left' => '900 mm', 'rail_right' => 'none']];
        $this->act('handrails', ['storey' => $door->storey(), ...$rails], $ramp->id)->assertOk();
        $ramp = $this->layout()->ramps[0];
        self::assertEquals([new RampRun(3600.0, 300.0), new Landing(900.0), new RampRun(2400.0, 300.0), new Landing(1500.0)], $ramp->parts);
        self::assertSame(['left' => 900.0, 'right' => null], $ramp->handrails?->heights);
        $details = ['rail_left_projection' => '2 1/2"', 'rail_left_foot' => '300 mm', 'rail_left_head' => ''];
        $this->act('handrails', ['storey' => $door->storey(), 'fields' => $details], $ramp->id)->assertOk();
        $railed = $this->layout()->ramps[0]->handrails;
        self::assertSame(['left' => ['height' => 900.0, 'projection' => 63.5, 'foot' => 300.0], 'right' => null], $railed?->toArray());
        $other = ['rail_left' => '950 mm', 'rail_right' => ''];
        $this->act('handrails', ['storey' => $door->storey(), 'fields' => $other], $ramp->id)->assertOk();
        $railed = $this->layout()->ramps[0]->handrails;
        self::assertSame(['left' => ['height' => 950.0, 'projection' => 63.5, 'foot' => 300.0]], $railed?->toArray());
        // steeper than 1 in 12, and the landing too short
        $this->get("{$board}&select={$ramp->id}")->assertOk()->assertSee('Slope of ramps')->assertSee('Landings of ramps');
        $this->act('entrance-ramp', [...$asked, 'slope' => '2'], $door->id())->assertUnprocessable();
        $this->act('ramp-run', ['storey' => $door->storey(), 'part' => 7, 'length' => '900 mm'], $ramp->id)->assertUnprocessable();
    }

    private function begin(UnitSystem $units): void
    {
        $user = User::factory()->create();
        $this->actingAs($user);
        $layout = new Layout(
            'Steps',
            $units,
            storeys: [new Storey('G', 'Ground', 0.0, 2400.0, 300.0), new Storey('U', 'Upper', 2700.0, 2400.0, 300.0)],
        );
        $this->scheme = $this->app->make(OpenProject::class)->open($user, $layout, null, ['us-irc-2021'])->scheme;
        $this->act('stair', ['at' => '1000,1000', 'towards' => '90'], '')->assertOk();
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return TestResponse<Response>
     */
    private function act(string $act, array $values, string $on = 'st1'): TestResponse
    {
        return $this->post(
            "/schemes/{$this->scheme->id}/acts/{$act}",
            ['version' => $this->scheme->refresh()->version, 'storey' => 'G', 'select' => $on, ...$values],
        );
    }

    /** @phpstan-impure */
    private function layout(): Layout
    {
        return $this->scheme->refresh()->layout;
    }
}
