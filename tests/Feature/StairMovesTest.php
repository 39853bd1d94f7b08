<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** A stair that is moved takes the opening that it comes up through along, unless that is to stay; and is fitted between two edges. */
final class StairMovesTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $user = User::factory()->create();
        $this->actingAs($user);
        $home = (new LayoutReader())->read((string) file_get_contents(__DIR__.'/../../database/demo/orchard-terrace.json'));
        $this->scheme = $this->app->make(OpenProject::class)->open($user, $home, null, ['drawing'])->scheme;
    }

    public function test_its_opening_goes_along_or_stays(): void
    {
        [$stair, $void] = [$this->layout()->stairs[0], $this->layout()->storeys[1]->voids[0]];
        $this->act('move', $stair->id, ['by' => '50,-25'])->assertOk();
        self::assertEquals($stair->start->plus(new Point(50, -25)), $this->layout()->stairs[0]->start);
        self::assertEquals($void->outline->points[0]->plus(new Point(50, -25)), $this->layout()->storeys[1]->voids[0]->outline->points[0]);
        $this->act('move', $stair->id, ['by' => '-50,25', 'opening' => 'stays'])->assertOk();
        self::assertEquals($stair->start, $this->layout()->stairs[0]->start);
        self::assertEquals($void->outline->points[0]->plus(new Point(50, -25)), $this->layout()->storeys[1]->voids[0]->outline->points[0]);
        $this->get("/schemes/{$this->scheme->id}/board?storey=G&select={$stair->id}")->assertOk()->assertSee('floor opening above it');
    }

    public function test_it_is_fitted_between_two_edges(): void
    {
        $stair = $this->layout()->stairs[0];
        $line = new Segment($stair->start, $stair->start->plus(Point::towards($stair->facing)->times(3900)));
        $places = array_map(static fn(Point $place): string => "{$place->x},{$place->y}", [$line->from, $line->to]);
        $asked = ['line' => $places, 'riser' => '7 1/2"'];
        $this->act('fit-stair', $stair->id, $asked)->assertUnprocessable()->assertSee('runs straight');
        $this->act('stair-form', $stair->id, ['outline' => 'straight', 'hand' => 'left'])->assertOk();
        $this->act('fit-stair', $stair->id, $asked)->assertOk();
        $fitted = $this->layout()->stairs[0];
        self::assertSame((int) ceil(($this->layout()->storeys[1]->elevation ?? 0.0) / 190.5), $fitted->risers());
        $one = ['line' => [$places[0]], 'riser' => '180'];
        $this->act('fit-stair', $stair->id, $one)->assertUnprocessable()->assertSee('Point at the edge');
        $this->act('fit-stair', $stair->id, ['line' => $places, 'riser' => ''])->assertUnprocessable();
        $this->act('fit-stair', 'gw1', $asked)->assertUnprocessable();
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function act(string $act, string $on, array $values): \Illuminate\Testing\TestResponse
    {
        return $this->post(
            "/schemes/{$this->scheme->id}/acts/{$act}",
            ['version' => $this->scheme->refresh()->version, 'storey' => 'G', 'select' => $on, ...$values],
        );
    }

    private function layout(): Layout
    {
        return $this->scheme->refresh()->layout;
    }
}
