<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Project;
use App\Models\Revision;
use App\Models\User;
use App\Pages\ReviewPages;
use Heurema\Layout\LayoutReader;
use Heurema\Review\Finding;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

final class BriefTest extends TestCase
{
    use RefreshDatabase;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        $user = User::factory()->create();
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $this->project = $this->app->make(OpenProject::class)->open($user, $layout, null, ['us-irc-2021'])->scheme->project;
        $this->actingAs($user);
    }

    public function test_wishes_make_rules_that_every_revision_is_held_against(): void
    {
        $this->put("/projects/{$this->project->id}/brief", [
            'rooms' => [
                [
                    'use' => 'bedroom', 'count_from' => '3', 'count_to' => '3', 'area_from' => '100 sq ft', 'side' => '7 ft',
                    'windows' => '1', 'door' => '30 in', 'bath' => 'attached', 'things' => 'bed, wardrobe 1', 'out' => 'south-west',
                ],
                ['use' => 'study', 'ceiling' => '9 ft', 'in' => 'north'],
                ['use' => 'bathroom', 'bath' => 'common'],
                ['use' => ''],
            ],
            'total' => ['from' => '1000 sq ft', 'to' => '2000 sq ft'],
            'free' => "- { id: tall-living, clause: brief, title: A tall living room, subject: room, when: room.use == 'living', "
                .'measure: room.ceiling_height, at_least: 9 ft, why: w, source: the client }',
        ])->assertSessionHasNoErrors()->assertRedirect();
        $verdicts = $this->verdicts();
        // three bedrooms of 108.9, 75.1 and 181.4 sq ft
        self::assertSame(
            ['met', 'met', 'violated', 'met'],
            [
                $verdicts['bedroom-count/dwelling'],
                $verdicts['bedroom-area/ur1'],
                $verdicts['bedroom-area/ur2'],
                $verdicts['bedroom-area/ur5'],
            ],
        );
        self::assertSame(
            ['violated', 'met'],
            [$verdicts['bedroom-bath/ur1'], $verdicts['bedroom-bath/ur5']],
            'only the main bedroom has a bathroom of its own',
        );
        self::assertSame(
            ['violated', 'violated', 'met'],
            [$verdicts['study-ceiling/gr7'], $verdicts['tall-living/gr1'], $verdicts['total/dwelling']],
        );
        self::assertSame(['violated', 'met'], [$verdicts['bedroom-door/ud1'], $verdicts['bedroom-thing-bed/ur1']], 'a door of 28 in');
        // what it says goes with the next revision, and shows on the pages
        $this->post("/schemes/{$this->project->schemes()->firstOrFail()->id}/revisions")->assertRedirect();
        $next = Revision::query()->latest('id')->firstOrFail();
        $this
            ->get("/revisions/{$next->id}?book=brief")
            ->assertOk()
            ->assertSee('Area: bedroom')
            ->assertDontSee('data-finding="us-irc-2021/', false);
        $this
            ->get("/projects/{$this->project->id}/brief")
            ->assertOk()
            ->assertSee('value="100 sq ft"', false)
            ->assertSee('bed 1, wardrobe 1')
            ->assertSee('tall-living');
    }

    public function test_an_empty_brief_is_none(): void
    {
        $this->put(
            "/projects/{$this->project->id}/brief",
            ['rooms' => [['use' => 'bedroom', 'count_from' => '4']]],
        )->assertSessionHasNoErrors();
        self::assertSame('violated', $this->verdicts()['bedroom-count/dwelling']);
        $this->put("/projects/{$this->project->id}/brief", ['rooms' => [['use' => '']]])->assertSessionHasNoErrors();
        self::assertNull($this->project->fresh()?->brief);
        self::assertSame([], $this->verdicts());
    }

    public function test_what_makes_no_sense_is_refused_at_its_field(): void
    {
        foreach ([
            'rooms.0.area_from' => ['rooms' => [['use' => 'bedroom', 'area_from' => 'large']]],
            'rooms.0.side' => ['rooms' => [['use' => 'bedroom', 'side' => '9 m2']]],
            'rooms.0.count_from' => ['rooms' => [['use' => 'bedroom', 'count_from' => '2 m']]],
            'rooms.0.things' => ['rooms' => [['use' => 'bedroom', 'things' => 'dragon 2']]],
            'rooms.0.use' => ['rooms' => [['use' => 'throne_room']]],
            'total.from' => ['total' => ['from' => '9 m']],
            'free' => ['free' => '- { id: x, measure: room.nothing }'],
        ] as $field => $values) {
            $this->put("/projects/{$this->project->id}/brief", $values)->assertSessionHasErrors($field);
        }
        $this->put("/projects/{$this->project->id}/brief", ['free' => 'a: [b'])->assertSessionHasErrors('free');
        $this->put("/projects/{$this->project->id}/brief", ['free' => "- &a [x]\n- [*a, *a]"])->assertSessionHasErrors('free');
        $this->put(
            "/projects/{$this->project->id}/brief",
            ['rooms' => [['use' => 'bedroom', 'in' => 'nowhere']]],
        )->assertSessionHasErrors();
        self::assertNull($this->project->fresh()?->brief);
        $this->actingAs(User::factory()->create());
        $this->get("/projects/{$this->project->id}/brief")->assertForbidden();
        $this->put("/projects/{$this->project->id}/brief", [])->assertForbidden();
    }

    /** @return array<string, string> of the brief's rules, by rule and subject */
    private function verdicts(): array
    {
        $revision = Revision::query()->latest('id')->firstOrFail();
        $found = array_filter(
            $this->app->make(ReviewPages::class)->report($revision)->findings,
            static fn(Finding $finding): bool => $finding->book->id === 'brief',
        );

        return array_column(
            array_map(
                static fn(Finding $finding): array => ["{$finding->rule->id}/{$finding->subject->id()}", $finding->verdict()->value],
                $found,
            ),
            1,
            0,
        );
    }
}
