<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\Fixture;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Units of a kitchen resized and swapped on the board. */
final class UnitsOnBoardTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $designer = User::factory()->create();
        $layout = (new LayoutReader())->read(File::get(database_path('demo/heron-bungalow.json')));
        $this->scheme = $this->app->make(OpenProject::class)->open($designer, $layout, null, ['drawing', 'practice-kitchen-bath'])->scheme;
        $this->actingAs($designer);
    }

    public function test_a_unit_has_its_acts_beside_the_plan_and_a_bed_has_none(): void
    {
        $unit = $this->unit('base_cabinet', 900.0);
        $this->get("/schemes/{$this->scheme->id}/board?select={$unit->id}&storey=B")->assertOk()
            ->assertSee('data-form="unit-width"', false)->assertSee('Swap with the one at its right');
        $this->get("/schemes/{$this->scheme->id}/board?select=bf7&storey=B")->assertOk()->assertDontSee('unit-width');
    }

    public function test_neighbours_close_up_or_keep_still_and_a_gap_is_told(): void
    {
        $unit = $this->unit('base_cabinet', 900.0);
        $this->act('trials', 'unit-width', $unit->id, ['width' => '860', 'side' => 'left', 'neighbours' => 'still'])->assertOk()
            ->assertSee('class="trial"', false);
        $this->act('acts', 'unit-width', $unit->id, ['width' => '860', 'side' => 'left', 'neighbours' => 'still'])->assertOk()
            ->assertSee('Gaps between units');
        self::assertEqualsWithDelta(860.0, $this->fixture($unit->id)->width, 0.01);
        $refrigerator = $this->unit('refrigerator', 600.0)->at;
        $this->act('acts', 'unit-width', $unit->id, ['width' => '800', 'side' => 'left', 'neighbours' => 'close'])->assertOk();
        self::assertEqualsWithDelta(
            0.0,
            $this->unit('refrigerator', 600.0)->at->distanceTo($refrigerator),
            0.01,
            'beyond the gap it stands',
        );
        $this->act('acts', 'unit-width', $unit->id, ['width' => 'wide'])->assertUnprocessable();
        $this->act('acts', 'unit-width', 'bf7', ['width' => '800'])->assertUnprocessable();
    }

    public function test_what_hangs_is_moved_along_its_wall_and_up(): void
    {
        $hood = $this->unit('hood', 600.0);
        $this->get("/schemes/{$this->scheme->id}/board?select={$hood->id}&storey=B")->assertOk()->assertSee('fixture-chosen', false);
        $this->act('acts', 'front', $hood->id, ['right' => '50', 'higher' => '-25'])->assertOk();
        $moved = $this->fixture($hood->id);
        // at the upper wall, which one faces upwards on the plan: right is right
        self::assertEqualsWithDelta(
            [$hood->at->x + 50.0, $hood->at->y, (float) $hood->base - 25.0],
            [$moved->at->x, $moved->at->y, $moved->base],
            0.001,
        );
        $sink = $this->unit('sink', 723.8);
        $this->act('acts', 'front', $sink->id, ['right' => '50'])->assertOk();
        // at the left wall right is up
        self::assertEqualsWithDelta($sink->at->y + 50.0, $this->fixture($sink->id)->at->y, 0.001);
        foreach ([['higher' => '-9000'], ['right' => '0'], ['right' => 'far']] as $refused) {
            self::assertContains($this->act('acts', 'front', $hood->id, $refused)->getStatusCode(), [302, 422]);
        }
        self::assertEqualsWithDelta($moved->base, $this->fixture($hood->id)->base, 0.001);
    }

    public function test_units_are_swapped_and_taken_back(): void
    {
        $unit = $this->unit('base_cabinet', 900.0);
        $this->act('acts', 'swap-units', $unit->id, ['side' => 'right'])->assertOk();
        self::assertGreaterThan(100.0, $this->fixture($unit->id)->at->distanceTo($unit->at));
        $this->act('acts', 'swap-units', $unit->id, ['side' => 'left'])->assertOk();
        self::assertEqualsWithDelta(0.0, $this->fixture($unit->id)->at->distanceTo($unit->at), 0.01);
        $this->act('acts', 'swap-units', $this->unit('refrigerator', 600.0)->id, ['side' => 'right'])->assertUnprocessable();
    }

    /**
     * @param array<string, string> $asked
     *
     * @return TestResponse<Response>
     */
    private function act(string $how, string $name, string $select, array $asked): TestResponse
    {
        return $this->post("/schemes/{$this->scheme->id}/{$how}/{$name}", [
            'version' => $this->scheme->refresh()->version, 'storey' => 'B', 'select' => $select, ...$asked,
        ]);
    }

    private function unit(string $kind, float $width): Fixture
    {
        return array_values(array_filter(
            $this->scheme->refresh()->layout->storeys[0]->fixtures,
            static fn(Fixture $one): bool => $one->kind->value === $kind && abs(($one->width ?? 0.0) - $width) < 0.01,
        ))[0];
    }

    private function fixture(string $id): Fixture
    {
        return array_values(array_filter(
            $this->scheme->refresh()->layout->storeys[0]->fixtures,
            static fn(Fixture $one): bool => $one->id === $id,
        ))[0];
    }
}
