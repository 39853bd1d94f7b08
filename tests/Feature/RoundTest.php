<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\TextSize;
use App\Letters\RoundPicture;
use App\Models\Project;
use App\Models\Revision;
use App\Models\Scheme;
use App\Models\User;
use App\Sheets\SheetSet;
use Database\Seeders\DemoOfficeSeeder;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/**
 * @phpstan-type Seen list<array{line: list<array{float, float, float}>}>
 * @phpstan-type Facts array{
 *     storeys: list<array{id: string}>,
 *     rooms: list<array{id: string, name: string, members: list<string>, outline: list<array{float, float}>}>,
 *     outer: list<string>,
 *     findings: list<array{key: string, verdict: string, storey: string, seen: Seen}>,
 *     taken: list<string>,
 * }
 */
final class RoundTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->app->make(DemoOfficeSeeder::class)->run();
        $this->actingAs(User::query()->where('email', 'reviewer@heurema.test')->firstOrFail());
    }

    /** @return Facts */
    private function facts(string $of): array
    {
        /** @var Facts $facts */
        $facts = $this->getJson("{$of}/round/facts")->assertOk()->json();

        return $facts;
    }

    /** Every home: its storeys and rooms, what is looked through, and every open finding where it was seen. */
    public function test_what_the_view_needs_to_know(): void
    {
        foreach (Scheme::query()->get() as $scheme) {
            $this->get("/schemes/{$scheme->id}/round")->assertOk()->assertSee('id="round"', false);
            $facts = $this->facts("/schemes/{$scheme->id}");
            self::assertSame(array_column($scheme->layout->storeys, 'id'), array_column($facts['storeys'], 'id'));
            self::assertNotSame([], $facts['outer']);
            foreach ($facts['rooms'] as $room) {
                self::assertContains($room['id'], $room['members']);
                self::assertGreaterThanOrEqual(3, count($room['outline']), $room['name']);
            }
            foreach ($facts['findings'] as $finding) {
                self::assertContains($finding['verdict'], ['violated', 'advised', 'undetermined']);
                foreach ($finding['seen'] as $seen) {
                    self::assertSame([3], array_unique(array_map('count', $seen['line'])));
                }
            }
        }
    }

    public function test_a_review_in_the_round_says_what_the_review_does(): void
    {
        $revision = Revision::query()->latest('id')->firstOrFail();
        $page = $this->get("/revisions/{$revision->id}/round")->assertOk();
        $facts = $this->facts("/revisions/{$revision->id}");
        $review = $this->get("/revisions/{$revision->id}")->getContent();
        self::assertNotSame([], $facts['findings']);
        foreach ($facts['findings'] as $finding) {
            self::assertStringContainsString(e($finding['key']), (string) $review);
            $page->assertSee('data-finding="'.e($finding['key']).'"', false);
        }
        foreach ($facts['taken'] as $taken) {
            $page->assertSee($taken);
        }
    }

    public function test_the_drawing_by_the_server_shows_each_storey_and_a_finding(): void
    {
        $revision = Revision::query()->latest('id')->firstOrFail();
        $facts = $this->facts("/revisions/{$revision->id}");
        $drawn = [];
        foreach ($revision->layout->storeys as $storey) {
            $svg = (string) $this->get("/revisions/{$revision->id}/round.svg?storey={$storey->id}")
                ->assertOk()
                ->assertHeader('Content-Type', 'image/svg+xml')
                ->getContent();
            self::assertNotFalse(simplexml_load_string($svg));
            self::assertGreaterThan(100, substr_count($svg, '<path'));
            $drawn[] = $svg;
        }
        self::assertCount(count($revision->layout->storeys), array_unique($drawn));
        $seen = array_values(array_filter($facts['findings'], static fn(array $one): bool => $one['seen'] !== []))[0];
        $this->get("/revisions/{$revision->id}/round.svg?".http_build_query(['storey' => $seen['storey'], 'finding' => $seen['key']]))
            ->assertOk()
            ->assertSee("witness-{$seen['verdict']}", false);
    }

    public function test_a_home_with_nothing_in_it(): void
    {
        $scheme = Scheme::query()->firstOrFail();
        $empty = '{"format":"heurema-layout","version":1,"name":"Empty","units":"metric","storeys":[]}';
        $scheme->update(['layout' => (new LayoutReader())->read($empty)]);
        $this->get("/schemes/{$scheme->id}/round")->assertOk();
        $this->getJson("/schemes/{$scheme->id}/round/facts")->assertOk()->assertJsonPath('rooms', []);
        $this->get("/schemes/{$scheme->id}/round.svg")->assertOk();
        $this->get("/schemes/{$scheme->id}/home.glb")->assertOk();
    }

    public function test_doors_stand_open_in_a_scene_that_is_asked_so(): void
    {
        $scheme = Scheme::query()->firstOrFail();
        $shut = $this->get("/schemes/{$scheme->id}/home.glb")->assertOk()->getContent();
        self::assertNotSame($shut, $this->get("/schemes/{$scheme->id}/home.glb?doors=open")->assertOk()->getContent());
        $this->getJson("/schemes/{$scheme->id}/home.glb?doors=ajar")->assertUnprocessable();
    }

    #[TestWith(['299', false])]
    #[TestWith(['300', true])]
    #[TestWith(['4000', true])]
    #[TestWith(['4001', false])]
    #[TestWith(['low', false])]
    public function test_low_spaces_are_in_a_scene_that_is_asked_so(string $wanted, bool $isTaken): void
    {
        $scheme = Scheme::query()->whereRelation('project', 'name', '14 Orchard Terrace')->firstOrFail();
        $answer = $this->getJson("/schemes/{$scheme->id}/home.glb?low={$wanted}")->assertStatus($isTaken ? 200 : 422);
        self::assertSame($isTaken, str_contains((string) $answer->getContent(), 'low_space'));
    }

    public function test_it_is_framed_by_pages_of_this_server_alone(): void
    {
        $scheme = Scheme::query()->firstOrFail();
        foreach (['' => 'none', '?small=1' => 'self'] as $asked => $framed) {
            $policy = $this->get("/schemes/{$scheme->id}/round{$asked}")->headers->get('Content-Security-Policy');
            self::assertStringContainsString("frame-ancestors '{$framed}'", (string) $policy);
        }
    }

    public function test_where_the_sun_stands(): void
    {
        $asked = ['latitude' => 52, 'date' => '2026-06-21', 'hour' => 12, 'north' => 90];
        $answer = $this->getJson('/sun?'.http_build_query($asked))->assertOk()->assertSee('61.4');
        /** @var array{float, float, float} $direction */
        $direction = $answer->json('direction');
        self::assertEqualsWithDelta(-1.0, $direction[1] / hypot($direction[0], $direction[1]), 1e-6);
        $this->getJson('/sun?'.http_build_query(['hour' => 1] + $asked))->assertOk()->assertSee('below the horizon');
    }

    /** The limits themselves are taken. */
    #[TestWith(['latitude', '90', true])]
    #[TestWith(['latitude', '90.1', false])]
    #[TestWith(['latitude', 'north', false])]
    #[TestWith(['hour', '24', true])]
    #[TestWith(['hour', '24.1', false])]
    #[TestWith(['hour', '-0.1', false])]
    #[TestWith(['date', '2026-02-29', false])]
    #[TestWith(['date', '2028-02-29', true])]
    public function test_what_makes_no_sense_is_refused(string $field, string $typed, bool $isTaken): void
    {
        $asked = [$field => $typed] + ['latitude' => 52, 'date' => '2026-06-21', 'hour' => 12, 'north' => 90];
        $this->getJson('/sun?'.http_build_query($asked))->assertStatus($isTaken ? 200 : 422);
    }

    public function test_sheets_show_a_storey_in_the_round(): void
    {
        $scheme = Scheme::query()->whereHas('project', static fn($query) => $query->where('name', '14 Orchard Terrace'))->firstOrFail();
        $sheets = SheetSet::of($scheme->sheets, $scheme->layout);
        $sheet = $sheets->sheets[0];
        $this->put("/schemes/{$scheme->id}/sheets/0", [
            'name' => $sheet->name, 'paper' => $sheet->paper->value, 'views' => [], 'add' => 'axonometric G',
        ])->assertRedirect();
        $svg = $this->get("/schemes/{$scheme->id}/sheets/0.svg")->assertOk()->getContent();
        self::assertStringContainsString('in the round, walls cut, not to scale', (string) $svg);
    }

    public function test_another_office_sees_nothing_of_it(): void
    {
        $project = Project::factory()->create();
        $scheme = Scheme::factory()->for($project)->create();
        $this->get("/schemes/{$scheme->id}/round")->assertForbidden();
        $this->get("/schemes/{$scheme->id}/round/facts")->assertForbidden();
        $this->get("/schemes/{$scheme->id}/round.svg")->assertForbidden();
    }

    /** Whatever numbers stand in the drawing, the names of rooms stand clear of them and of one another, and over their rooms. */
    public function test_names_stand_clear_of_numbers(): void
    {
        mt_srand(20261130);
        [$rooms, $named] = [0, 0];
        foreach (Scheme::query()->get() as $scheme) {
            $home = new Home($scheme->layout);
            foreach ($home->plans as $plan) {
                $marks = array_map(static fn(RoomSpace $room): array => [
                    [$room->room->at->x + mt_rand(-900, 900), $room->room->at->y + mt_rand(-900, 900), $plan->storey->elevation ?? 0.0],
                    '7',
                ], array_values($plan->rooms));
                $drawing = (new RoundPicture($home))->ofStorey($plan, 170.0, 115.0, $marks);
                preg_match_all(
                    '~translate\((-?[\d.]+)[ ,]+(-?[\d.]+)\)"><g transform="scale\(([\d.]+)\)" class="pin (room-label|item-mark)">'
                        .'.*?<text[^>]*>([^<]*)~',
                    $drawing,
                    $texts,
                    PREG_SET_ORDER,
                );
                $boxes = array_map(static fn(array $text): Box => Box::at(
                    new Point((float) $text[1], (float) $text[2]),
                    ($text[4] === 'item-mark' ? 20.0 : TextSize::width($text[5], 12.0)) * (float) $text[3],
                    ($text[4] === 'item-mark' ? 20.0 : 12.0) * (float) $text[3],
                ), $texts);
                self::assertGreaterThanOrEqual(count($marks), count($boxes));
                [$rooms, $named] = [$rooms + count($marks), $named + count($boxes) - count($marks)];
                foreach ($texts as $number => $text) {
                    foreach (array_slice($boxes, $number + 1) as $other) {
                        self::assertTrue($text[4] === 'item-mark' || !$boxes[$number]->overlaps($other), "{$scheme->name}: {$text[5]}");
                    }
                }
            }
        }
        self::assertGreaterThan(0.9 * $rooms, $named);
    }
}
