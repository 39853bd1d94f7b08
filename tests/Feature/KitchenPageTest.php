<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Tests\Sketch;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A kitchen laid out on its page, held against the books, and built into the draft. */
final class KitchenPageTest extends TestCase
{
    use RefreshDatabase;

    /** At the wall of the garden door, right of it, and the wall that meets it. */
    private const ASKED = [
        'room' => 'gr4', 'walls' => ['0-2203', '1-0'], 'kinds' => ['sink', 'dishwasher', 'range'], 'widths' => ['30"', '', ''],
        'places' => ['window', 'anywhere', 'anywhere'], 'corner' => 'blind_right', 'hung' => '1',
    ];

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $designer = User::factory()->create();
        $layout = (new LayoutReader())->read(File::get(self::demoFile()));
        $this->scheme = $this->app->make(OpenProject::class)->open(
            $designer,
            $layout,
            null,
            ['us-irc-2021', 'practice-kitchen-bath'],
        )->scheme;
        $this->actingAs($designer);
    }

    public function test_before_anything_is_asked_for_the_walls_are_offered(): void
    {
        $page = $this->get($this->address())->assertOk();
        $page->assertSee('A, top of the plan')->assertSee('value="0-2203"', false)->assertSee('kitchen-plan', false);
        $page->assertSee('Choose walls and what they are to hold')->assertDontSee('Build this plan');
    }

    public function test_plans_are_drawn_and_held_against_the_books(): void
    {
        $page = $this->get($this->address(self::ASKED))->assertOk();
        $page->assertSee('Plan 1 of')->assertSee('Build this plan')->assertSee('What the books say');
        $page->assertSee('Row 2, from left to right')->assertSee('Sink in a base unit')->assertSee('2&#039;-6&quot;', false);
        $page->assertSee('class="elevation-drawing"', false);
        $page->assertDontSee('Landings at outside doors');
        $next = $this->get($this->address([...self::ASKED, 'number' => 1]), ['HX-Request' => 'true'])->assertOk();
        $next->assertSee('Plan 2 of')->assertDontSee('<html', false);
        $this->get($this->address([...self::ASKED, 'number' => 999]))->assertOk()->assertSee('Next');
    }

    /** An island 800 mm before a door to the open air: what that lacks is told as well. */
    public function test_what_the_doors_of_the_room_lack_is_told(): void
    {
        $this->scheme->update(['layout' => Sketch::room(4000, 3000, 'kitchen')->door('w3', 2100, 900)->home()->layout]);
        $asked = ['walls' => ['2-0'], 'island' => '1', 'length' => '2000', 'kinds' => ['base_cabinet'], 'widths' => ['600']];
        $this->get($this->address([...$asked, 'aisle' => '1000']))->assertOk()->assertSee('Landings at outside doors');
        $this->get($this->address([...$asked, 'aisle' => '800']))->assertOk()->assertDontSee('Landings at outside doors');
    }

    public function test_a_plan_is_built_in_place_of_what_stood_there_and_taken_back(): void
    {
        $before = $this->scheme->layout;
        $built = $this->post($this->address(), [...self::ASKED, 'version' => $this->scheme->version]);
        $built->assertRedirect(route('board', [$this->scheme, 'storey' => 'G', 'select' => 'gr4']));
        $this->scheme->refresh();
        $kinds = self::kinds($this->scheme->layout);
        self::assertSame(1, $kinds['sink'], 'the sink that stood there is gone');
        self::assertSame(1, $kinds['range']);
        self::assertGreaterThanOrEqual(3, $kinds['base_cabinet']);
        self::assertGreaterThanOrEqual(2, $kinds['counter']);
        self::assertSame(1, $kinds['hood']);
        self::assertStringContainsString('Kitchen laid out', $this->scheme->edits()->latest('id')->firstOrFail()->words);
        $this->post(route('board.undo', $this->scheme), ['version' => $this->scheme->version, 'storey' => 'G'])->assertOk();
        self::assertSame(self::kinds($before), self::kinds($this->scheme->refresh()->layout));
    }

    public function test_what_was_drawn_meanwhile_is_not_built_over(): void
    {
        $this->post($this->address(), [...self::ASKED, 'version' => $this->scheme->version + 1])->assertRedirect()
            ->assertSessionHasErrors('kitchen');
        self::assertSame(self::kinds($this->scheme->layout), self::kinds($this->scheme->refresh()->layout));
    }

    public function test_an_island_stands_before_the_wall(): void
    {
        $asked = [
            'room' => 'gr4',
            'walls' => ['5-0'],
            'island' => '1',
            'aisle' => '4\'',
            'length' => '5\'',
            'kinds' => ['cooktop'],
            'hung' => '0',
        ];
        $this->get($this->address($asked))->assertOk()->assertSee('Cooktop in a base unit');
        $this->get($this->address([...$asked, 'aisle' => '40\'']))->assertOk()->assertSee('does not fit into the room');
    }

    /** @param array<string, mixed> $asked */
    #[TestWith([['walls' => []], 'Choose one wall'])]
    #[TestWith([['walls' => ['0-2203', '5-0']], 'do not meet'])]
    #[TestWith([['widths' => ['12\'', '', '']], 'no width for it'])]
    #[TestWith([['widths' => ['9\'', '', '']], 'does not fit'])]
    #[TestWith([['widths' => ['wide', '', '']], 'wide'])]
    #[TestWith([['least' => '4\'', 'greatest' => '2\''], 'from a least to a greatest'])]
    #[TestWith([['walls' => ['5-0'], 'from' => '13\''], 'too short'])]
    public function test_what_cannot_be_is_said(array $asked, string $why): void
    {
        $this->get($this->address([...self::ASKED, ...$asked]))->assertOk()->assertSee($why)->assertDontSee('Build this plan');
        $this->post($this->address(), [...self::ASKED, ...$asked, 'version' => $this->scheme->version])->assertRedirect();
        self::assertSame(self::kinds($this->scheme->layout), self::kinds($this->scheme->refresh()->layout));
    }

    /** Fixtures are 100 to 3000 mm wide, units too, in steps of 5 mm at the least; a filler beside a range is at most 100 mm. */
    #[TestWith(['widths', ['99.9 mm', '', ''], 'no width for it', true])]
    #[TestWith(['widths', ['100 mm', '', ''], 'no width for it', false])]
    #[TestWith(['widths', ['3000 mm', '', ''], 'no width for it', false])]
    #[TestWith(['widths', ['3000.1 mm', '', ''], 'no width for it', true])]
    #[TestWith(['least', '99.9 mm', 'from a least to a greatest', true])]
    #[TestWith(['least', '100 mm', 'from a least to a greatest', false])]
    #[TestWith(['greatest', '3000 mm', 'from a least to a greatest', false])]
    #[TestWith(['greatest', '3000.1 mm', 'from a least to a greatest', true])]
    #[TestWith(['step', '4.9 mm', 'from a least to a greatest', true])]
    #[TestWith(['step', '5 mm', 'from a least to a greatest', false])]
    #[TestWith(['beside', '100 mm', 'filler beside a range', false])]
    #[TestWith(['beside', '100.1 mm', 'filler beside a range', true])]
    #[TestWith(['over_fronts', '600 mm', 'can be typed here', false])]
    #[TestWith(['over_fronts', '600.1 mm', 'can be typed here', true])]
    #[TestWith(['over_ends', '600 mm', 'can be typed here', false])]
    #[TestWith(['over_ends', '600.1 mm', 'can be typed here', true])]
    #[TestWith(['upstand', '1000 mm', 'can be typed here', false])]
    #[TestWith(['upstand', '1000.1 mm', 'can be typed here', true])]
    public function test_sizes_at_their_limits(string $key, mixed $value, string $refusal, bool $isRefused): void
    {
        $page = $this->get($this->address([...self::ASKED, $key => $value]), ['HX-Request' => 'true'])->assertOk();
        $isRefused ? $page->assertSee($refusal) : $page->assertDontSee($refusal);
    }

    public function test_worktops_and_wall_units_are_built_as_they_were_asked_for(): void
    {
        $asked = [...self::ASKED, 'over_fronts' => '1 1/2"', 'upstand' => '4"', 'one_piece' => '1', 'glass' => '1', 'deep' => '0'];
        $this->post($this->address(), [...$asked, 'version' => $this->scheme->version])->assertRedirect()->assertSessionHasNoErrors();
        $kitchen = array_values(array_filter(
            $this->scheme->refresh()->layout->storeys[0]->fixtures,
            static fn(Fixture $one): bool => $one->glassDoors === true || $one->upstand !== null,
        ));
        self::assertNotSame([], $kitchen);
        foreach ($kitchen as $one) {
            self::assertEqualsWithDelta($one->kind === FixtureKind::Counter ? 25.5 * 25.4 : $one->depth, $one->depth, 0.01);
            self::assertEqualsWithDelta($one->kind === FixtureKind::Counter ? 4 * 25.4 : 0.0, $one->upstand ?? 0.0, 0.01);
        }
    }

    public function test_a_home_without_rooms_says_so(): void
    {
        $empty = '{"format": "heurema-layout", "version": 1, "name": "Empty", "units": "metric", "storeys": [{"id": "G", "name": "G"}]}';
        $this->scheme->update(['layout' => (new LayoutReader())->read($empty)]);
        $this->get($this->address())->assertOk()->assertSee('no room that walls close around');
        $this->post($this->address(), [...self::ASKED, 'version' => $this->scheme->version])->assertNotFound();
    }

    public function test_the_schedule_of_what_is_drawn_and_of_what_was_handed_in(): void
    {
        $revision = $this->scheme->revisions()->firstOrFail();
        foreach (["/schemes/{$this->scheme->id}/kitchen/schedule", "/revisions/{$revision->id}/kitchen"] as $address) {
            $page = $this->get("{$address}?room=gr4")->assertOk();
            $page->assertSee('Corners');
            $page->assertSee('Units, run by run from left to right')->assertSee('K5')->assertSee('unit-mark', false)->assertSee('Wall A');
            $page->assertSee('Pieces of worktop')->assertSee('13.81 sq ft')->assertSee(
                '3&quot; from the back',
                false,
            )->assertSee('End panels');
            $csv = (string) $this->get("{$address}?room=gr4&format=csv")->assertOk()->assertHeader(
                'Content-Type',
                'text/csv; charset=UTF-8',
            )
                ->getContent();
            self::assertStringContainsString('K2,gf2', str_replace('"', '', $csv));
            self::assertStringStartsWith('PK', (string) $this->get("{$address}?format=xlsx")->assertOk()->getContent());
            $this->get("{$address}?room=nothing")->assertOk()->assertSee('K5');
        }
        $empty = '{"format": "heurema-layout", "version": 1, "name": "Empty", "units": "metric", "storeys": [{"id": "G", "name": "G"}]}';
        $this->scheme->update(['layout' => (new LayoutReader())->read($empty)]);
        $this->get("/schemes/{$this->scheme->id}/kitchen/schedule")->assertOk()->assertSee('No units stand in any room yet');
        $this->get("/schemes/{$this->scheme->id}/kitchen/schedule?format=csv")->assertOk();
    }

    public function test_nobody_else_lays_out_a_kitchen_here(): void
    {
        $this->actingAs(User::factory()->create());
        self::assertContains($this->get($this->address())->getStatusCode(), [403, 404]);
        self::assertContains($this->post($this->address(), [...self::ASKED, 'version' => 1])->getStatusCode(), [403, 404]);
    }

    /** @param array<string, mixed> $asked */
    private function address(array $asked = []): string
    {
        return route('board.kitchen', [$this->scheme, ...$asked], false);
    }

    /** @return array<string, int> how many there are of each kind */
    private static function kinds(Layout $layout): array
    {
        $kinds = array_count_values(array_map(
            static fn(Fixture $one): string => $one->kind->value,
            array_merge(...array_map(static fn($storey): array => $storey->fixtures, $layout->storeys)),
        ));
        ksort($kinds);

        return $kinds + array_fill_keys(array_column(FixtureKind::cases(), 'value'), 0);
    }
}
