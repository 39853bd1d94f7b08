<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Briefs\BriefCheck;
use App\Briefs\KeptBrief;
use App\Models\Project;
use App\Models\Revision;
use App\Models\User;
use App\Pages\ReviewPages;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\RoomUse;
use Heurema\Review\Finding;
use Heurema\Spatial\Compass;
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

    private function address(string $more = ''): string
    {
        return "/projects/{$this->project->id}/brief{$more}";
    }

    public function test_wishes_make_rules_that_every_revision_is_held_against(): void
    {
        $this->put($this->address(), [
            'wishes' => [
                '3 bedrooms of 100 sq ft or more, at least 7 ft wide, with a window and a bed', '',
                'every bedroom with a bathroom of its own, not in the south-west', 'bedrooms with doors at least 30 in wide',
                'the study 9 ft high', 'all rooms together 1000 to 2000 sq ft',
            ],
            'free' => "- { id: tall-living, clause: brief, title: A tall living room, subject: room, when: room.use == 'living', "
                .'measure: room.ceiling_height, at_least: 9 ft, why: w, source: the client }',
        ])->assertSessionHasNoErrors()->assertRedirect($this->address());
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
            [$verdicts['bedroom-own-bathroom/ur1'], $verdicts['bedroom-own-bathroom/ur5']],
            'only the main bedroom has a bathroom of its own',
        );
        self::assertSame(
            ['violated', 'violated', 'met'],
            [$verdicts['study-ceiling/gr7'], $verdicts['tall-living/gr1'], $verdicts['total/dwelling']],
        );
        self::assertSame(['violated', 'met'], [$verdicts['bedroom-door/ur1'], $verdicts['bedroom-has-bed/ur1']], 'a door of 28 in');
        // what it says goes with the next revision, and shows on the pages
        $this->post("/schemes/{$this->project->schemes()->firstOrFail()->id}/revisions")->assertRedirect();
        $next = Revision::query()->latest('id')->firstOrFail();
        $this
            ->get("/revisions/{$next->id}?book=brief")
            ->assertOk()
            ->assertSee('Area: bedroom')
            ->assertDontSee('data-finding="us-irc-2021/', false);
        $this->get($this->address())->assertOk()
            ->assertSee('value="3 bedrooms of 100 sq ft or more, at least 7 ft wide, with a window and a bed"', false)
            ->assertSee('tall-living');
    }

    public function test_the_page_says_how_a_wish_is_understood_and_what_the_home_has_of_it(): void
    {
        $this->put($this->address(), ['wishes' => ['bedrooms of 100 sq ft', 'the study beside the kitchen']])->assertSessionHasNoErrors();
        $this->get($this->address())->assertOk()
            ->assertSeeInOrder(
                ['Violated.', 'Every bedroom: at least 100 sq ft large.', 'Area', '75.11 sq ft', 'short', '108.9 sq ft', '181.37 sq ft'],
            )
            ->assertSee('At least one study; each: beside a kitchen.')
            ->assertSee('finding=brief');
        // while it is typed, before it is kept
        $this->get($this->address('/wish?wishes[]=2+bedrooms'))->assertOk()->assertSee('2 bedrooms.')->assertSee('3, 1 over');
        $this->get($this->address('/wish?wishes[]=2+bedrums'))->assertOk()->assertSee('Nearest: bedrooms');
        $this->get($this->address('/wish?wishes[]='))->assertOk()->assertDontSee('<p', false);
        self::assertSame(['bedrooms of 100 sq ft', 'the study beside the kitchen'], $this->kept());
    }

    public function test_a_wish_that_is_read_while_the_brief_is_saved_takes_nothing_from_its_page(): void
    {
        $this->put($this->address(), ['wishes' => ['3 bedrooms']]);
        $this->get($this->address('/wish?wishes[]=2+bedrooms'), ['HX-Request' => 'true']);
        $this->get($this->address('/wish/new'), ['HX-Request' => 'true']);
        $this->get($this->address())->assertSee('Saved.');
        $this->put($this->address(), ['wishes' => ['3 dragons']]);
        $this->get($this->address('/wish?wishes[]=2+bedrooms'), ['HX-Request' => 'true']);
        $this->get($this->address())->assertSee('value="3 dragons"', false)->assertSee('One wish is not understood');
    }

    public function test_a_wish_is_put_together_from_choices(): void
    {
        $this->get($this->address('/wish/new?of=bedroom&which=every&about=area&from=100&to=150'))
            ->assertOk()
            ->assertSee('value="every bedroom with 100 sq ft to 150 sq ft"', false)
            ->assertSee('75.11 sq ft');
        $this->get($this->address('/wish/new'))->assertOk()->assertSee('name="wishes[]"', false);
        $this->get($this->address('/wish/new?of=bedroom&which=every&about=area'))->assertUnprocessable()->assertSee('From how much');
        self::assertSame([], $this->kept(), 'nothing is kept before it is saved');
    }

    public function test_an_empty_brief_is_none(): void
    {
        $this->put($this->address(), ['wishes' => ['4 bedrooms']])->assertSessionHasNoErrors();
        self::assertSame('violated', $this->verdicts()['bedroom-count/dwelling']);
        $this->put($this->address(), ['wishes' => ['', '  ']])->assertSessionHasNoErrors();
        self::assertNull($this->project->fresh()?->brief);
        self::assertSame([], $this->verdicts());
    }

    public function test_what_makes_no_sense_is_refused_at_its_wish_and_nothing_is_lost(): void
    {
        $this->put($this->address(), ['wishes' => ['3 bedrooms']]);
        $typed = ['3 bedrooms', '', 'the kitchen with a dragon', 'bedrooms of 9 m2'];
        $this->from($this->address())->put(
            $this->address(),
            ['wishes' => $typed],
        )->assertSessionHasErrors('wishes.2')->assertRedirect($this->address());
        $this->get($this->address())->assertOk()
            ->assertSee('One wish is not understood; nothing is saved yet.')
            ->assertSeeInOrder(
                ['value="3 bedrooms"', 'value="the kitchen with a dragon"', '“dragon” is not understood', 'value="bedrooms of 9 m2"'],
                false,
            );
        foreach ([
            'wishes.1' => ['wishes' => ['bedrooms of 9 m2', 'every bedroom of 10 m2']],
            'wishes.0' => ['wishes' => [str_repeat('a', 301)]],
            'wishes' => ['wishes' => array_fill(0, 61, '3 bedrooms')],
            'free' => ['free' => '- { id: x, measure: room.nothing }'],
        ] as $field => $values) {
            $this->put($this->address(), $values)->assertSessionHasErrors($field);
        }
        $this->put($this->address(), ['free' => 'a: [b'])->assertSessionHasErrors('free');
        $this->put($this->address(), ['free' => "- &a [x]\n- [*a, *a]"])->assertSessionHasErrors('free');
        self::assertSame(['3 bedrooms'], $this->kept());
        $this->actingAs(User::factory()->create());
        $this->get($this->address())->assertForbidden();
        $this->get($this->address('/wish?wishes[]=3+bedrooms'))->assertForbidden();
        $this->get($this->address('/wish/new'))->assertForbidden();
        $this->put($this->address(), [])->assertForbidden();
    }

    public function test_a_brief_that_was_kept_as_a_table_is_read_as_sentences(): void
    {
        $this->project->update(['brief' => [
            'rooms' => [
                [
                    'use' => 'bedroom',
                    'amounts' => [
                        'count_from' => '2', 'count_to' => '3', 'area_from' => '100 sq ft', 'area_to' => '150 sq ft', 'side' => '7 ft',
                        'ceiling' => '8 ft', 'windows' => '1', 'door' => '30 in',
                    ],
                    'in' => ['south', 'west'], 'out' => ['west'], 'things' => ['bed' => '2', 'wardrobe' => '1'], 'bath' => 'attached',
                ],
                ['use' => 'study', 'amounts' => ['count_from' => '1'], 'in' => [], 'out' => ['north'], 'things' => [], 'bath' => ''],
                ['use' => 'kitchen', 'amounts' => [], 'in' => [], 'out' => [], 'things' => [], 'bath' => 'common'],
            ],
            'total' => ['from' => '1000 sq ft'],
            'free' => '',
        ]]);
        self::assertSame([
            'from 2 to 3 bedrooms',
            'every bedroom: from 100 sq ft to 150 sq ft, at least 7 ft wide, at least 8 ft high, doors at least 30 in wide, '
                .'at least 1 windows, '
                .'in the south, at least 2 bed, at least 1 wardrobe, a bathroom of its own',
            'at least 1 studies',
            'every study: not in the north',
            'a bathroom reached without crossing a kitchen',
            'all rooms together at least 1000 sq ft',
        ], $this->kept());
        $this->get($this->address())->assertOk()->assertDontSee('is not understood')->assertSee('2 to 3 bedrooms');
    }

    public function test_whatever_a_table_held_is_read(): void
    {
        $tables = [];
        foreach (RoomUse::cases() as $use) {
            $tables[] = ['use' => $use->value, 'amounts' => ['count_from' => '1', 'area_from' => '9 m2'], 'bath' => 'common'];
        }
        foreach (FixtureKind::cases() as $kind) {
            $tables[] = ['use' => 'bedroom', 'amounts' => [], 'things' => [$kind->value => '2'], 'bath' => 'attached'];
        }
        foreach ([...Compass::SIDES, 'centre'] as $side) {
            foreach ([[[$side], []], [[], [$side]], [[$side], [$side]], [[$side, 'north'], ['south', $side]]] as [$in, $out]) {
                $tables[] = ['use' => 'study', 'amounts' => [], 'in' => $in, 'out' => $out, 'bath' => ''];
            }
        }
        foreach ($tables as $table) {
            $brief = KeptBrief::read(['rooms' => [$table], 'total' => [], 'free' => '']);
            self::assertNull(BriefCheck::problem($brief), $brief->words());
        }
    }

    /** @return list<string> */
    private function kept(): array
    {
        return KeptBrief::sentences($this->project->fresh()?->brief);
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
