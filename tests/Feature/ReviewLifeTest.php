<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Letter;
use App\Models\LogEntry;
use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\Role;
use App\Models\Ruling;
use App\Models\User;
use App\Pages\ReviewPages;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Review\Finding;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A review from submission to sign-off, by a designer and a reviewer. */
final class ReviewLifeTest extends TestCase
{
    use RefreshDatabase;

    private const AREA = 'us-irc-2021/room-area/gr7';

    private User $designer;

    private User $reviewer;

    private Revision $revision;

    protected function setUp(): void
    {
        parent::setUp();
        $this->designer = User::factory()->create(['role' => Role::Designer]);
        $this->reviewer = User::factory()->create(['role' => Role::Reviewer, 'office_id' => $this->designer->office_id]);
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $this->revision = $this->app->make(OpenProject::class)->open($this->designer, $layout, '1 <Lane>', ['us-irc-2021']);
        $this->actingAs($this->reviewer);
    }

    public function test_a_ruling_is_made_shown_and_taken_back(): void
    {
        $this->rule(self::AREA, 'uphold')->assertRedirect();
        $revision = $this->fresh();
        self::assertSame(RevisionState::InReview, $revision->state);
        $this
            ->get("/revisions/{$revision->id}?finding=".self::AREA)
            ->assertOk()
            ->assertSee('<b>Upheld</b> by '.e($this->reviewer->name), false)
            ->assertSee('<span class="row-ruling ruling-uphold">upheld</span>', false);
        // what is ruled on waits no more
        $this->get("/revisions/{$revision->id}?show=waiting")->assertDontSee('data-finding="'.self::AREA.'"', false);
        $this->delete("/revisions/{$revision->id}/rulings")->assertRedirect();
        self::assertSame(0, Ruling::query()->count());
        $this->delete("/revisions/{$revision->id}/rulings")->assertSessionHasErrors('ruling');
        self::assertSame(
            ['took the last ruling back', 'upheld: Floor area of a habitable room, Study', 'opened the project with revision 1'],
            LogEntry::query()->latest('id')->pluck('words')->all(),
        );
    }

    public function test_many_findings_of_a_rule_are_ruled_on_at_once_and_taken_back_at_once(): void
    {
        $this->rule('us-irc-2021/garage-door/gd2', 'ask', 'Which leaf?', ['all' => 1])->assertRedirect();
        self::assertSame(
            ['us-irc-2021/garage-door/gd10', 'us-irc-2021/garage-door/gd2'],
            Ruling::query()->orderBy('finding')->pluck('finding')->all(),
        );
        $this->delete("/revisions/{$this->revision->id}/rulings")->assertRedirect();
        self::assertSame(0, Ruling::query()->count());
    }

    public function test_a_waiver_has_its_reason_and_a_question_its_words(): void
    {
        $this->rule(self::AREA, 'waive')->assertSessionHasErrors('ruling');
        $this->rule(self::AREA, 'ask', ' ')->assertSessionHasErrors('ruling');
        $this->rule(self::AREA, 'banish')->assertSessionHasErrors('kind');
        $this->rule('us-irc-2021/room-area/nowhere', 'uphold')->assertNotFound();
        self::assertSame(0, Ruling::query()->count());
        $this
            ->withHeaders(['HX-Request' => 'true'])
            ->post("/revisions/{$this->revision->id}/rulings", ['finding' => self::AREA, 'kind' => 'waive'])
            ->assertUnprocessable()
            ->assertSee('Say why it may stay');
    }

    public function test_the_next_finding_that_waits_comes_up(): void
    {
        $answer = $this->withHeaders(['HX-Request' => 'true'])->post(
            "/revisions/{$this->revision->id}/rulings",
            ['finding' => self::AREA, 'kind' => 'uphold'],
        );
        $answer
            ->assertOk()
            ->assertSee('data-finding="us-irc-2021/room-width/gr7" data-chosen-subject', false)
            ->assertSee('hx-swap-oob="true"', false);
    }

    public function test_a_missing_value_is_stated_recorded_and_examined(): void
    {
        $before = $this->fresh()->counts;
        $this->get(
            "/revisions/{$this->revision->id}?finding=us-irc-2021/escape/ur1",
        )->assertSee('Opens as (the south window W12 of Bedroom 2)');
        $this
            ->post(
                "/revisions/{$this->revision->id}/statements",
                ['element' => 'un1', 'key' => 'operation', 'typed' => 'casement', 'finding' => 'us-irc-2021/escape/ur1'],
            )
            ->assertRedirect()
            ->assertSessionHasNoErrors();
        $revision = $this->fresh();
        self::assertLessThan($before['undetermined'], $revision->counts['undetermined']);
        $operation = static fn(Layout $layout): ?string => array_column(
            $layout->storeys[1]->openings,
            null,
            'id',
        )['un1']->window?->operation?->value;
        // the drawing itself stays as it was handed in
        self::assertSame([null, 'casement'], [$operation($revision->layout), $operation($revision->examined())]);
        foreach ([
            ['element' => 'un1', 'key' => 'colour', 'typed' => 'red'],
            ['element' => 'nowhere', 'key' => 'width', 'typed' => '1 m'],
            ['element' => 'un1', 'key' => 'operation', 'typed' => 'blown'],
        ] as $wrong) {
            $this->post("/revisions/{$this->revision->id}/statements", $wrong)->assertSessionHasErrors('ruling');
        }
        self::assertSame(1, $revision->statements()->count());
    }

    public function test_remarks_are_pinned_to_the_plan(): void
    {
        $this->post(
            "/revisions/{$this->revision->id}/remarks",
            ['storey' => 'G', 'x' => 2000, 'y' => 3000, 'words' => 'Look at this <again>'],
        )->assertRedirect();
        $this
            ->get("/revisions/{$this->revision->id}")
            ->assertSee('Look at this &lt;again&gt;', false)
            ->assertSee('class="pin remark-pin"', false);
        $this->post("/revisions/{$this->revision->id}/remarks", ['storey' => 'X', 'x' => 0, 'y' => 0, 'words' => 'x'])->assertNotFound();
        $this->post(
            "/revisions/{$this->revision->id}/remarks",
            ['storey' => 'G', 'x' => 'far', 'y' => 0, 'words' => 'x'],
        )->assertSessionHasErrors('x');
        $this->delete("/revisions/{$this->revision->id}/remarks/{$this->revision->remarks()->firstOrFail()->id}")->assertRedirect();
        self::assertSame(0, $this->revision->remarks()->count());
    }

    public function test_rulings_carry_over_and_ask_again_where_the_facts_have_changed(): void
    {
        $this->rule(self::AREA, 'uphold');
        $this->rule('us-irc-2021/toilet-side/gf17', 'waive', 'An old house.');
        // the designer moves the water closet by 10 mm and hands in again
        $this
            ->actingAs($this->designer)
            ->post(
                "/schemes/{$this->revision->scheme_id}/acts/edit",
                ['version' => 1, 'edit' => '{"edit": "move", "ids": ["gf17"], "by": [-5, 0]}'],
            )
            ->assertOk();
        $this->post("/schemes/{$this->revision->scheme_id}/revisions", ['answer' => 'The closet has moved.'])->assertRedirect();
        $next = Revision::query()->latest('id')->firstOrFail();
        self::assertSame([RevisionState::Superseded, RevisionState::Submitted], [$this->fresh()->state, $next->state]);
        $this->actingAs($this->reviewer);
        $this
            ->get("/revisions/{$next->id}?finding=".self::AREA)
            ->assertSee('carried over from an earlier revision')
            ->assertSee('answers:</b> The closet has moved.', false);
        $changed = $this->get("/revisions/{$next->id}?finding=us-irc-2021/toilet-side/gf17");
        $changed->assertSee('What was found has changed.')->assertSee('changed, rule again');
        $this
            ->get("/revisions/{$next->id}?show=waiting")
            ->assertSee('data-finding="us-irc-2021/toilet-side/gf17"', false)
            ->assertDontSee('data-finding="'.self::AREA.'"', false);
        // nothing can be ruled on what has been superseded
        $this->rule(self::AREA, 'settle')->assertSessionHasErrors('ruling');
        // what is ruled later does not reach back
        $this->revision = $next;
        $this->rule('us-irc-2021/toilet-side/gf17', 'uphold', 'Too narrow.')->assertSessionHasNoErrors();
        $first = $next->scheme->revisions()->where('number', 1)->firstOrFail();
        foreach ([[$first, 'An old house.', 'Too narrow.'], [$next, 'Too narrow.', 'An old house.']] as [$revision, $said, $other]) {
            $this->get("/revisions/{$revision->id}?finding=us-irc-2021/toilet-side/gf17")->assertSee($said)->assertDontSee($other);
        }
    }

    public function test_the_letter_is_drafted_sent_and_kept_as_it_was_sent(): void
    {
        $this->post("/revisions/{$this->revision->id}/letter")->assertSessionHasErrors('letter');
        $this->rule(self::AREA, 'uphold', 'Make it <wider>.');
        $this->rule('us-irc-2021/escape/ur1', 'ask', 'How does the window open?');
        $this->rule('us-irc-2021/toilet-side/gf17', 'waive', 'An old house.');
        $paper = $this->get("/revisions/{$this->revision->id}/letter/paper")->assertOk();
        $paper->assertSeeInOrder(
            [
                '1 &lt;Lane&gt;',
                'Bedroom 2',
                'Not known from the drawing: the operation of the south window W12 of Bedroom 2',
                'Please answer: How does the window open?',
                'Study',
                'Floor area of a habitable room',
                '42.79 sq ft',
                'Make it &lt;wider&gt;.',
                'Plan of Ground floor',
                'Checked and met',
                'What was assumed',
                'What was not checked',
            ],
            false,
        );
        $paper->assertDontSee('An old house.')->assertSee('data:image/svg+xml;base64,', false);
        $this->get("/revisions/{$this->revision->id}/letter?by=clause")->assertOk()->assertSee('<b>2</b> items', false);
        $this->get("/revisions/{$this->revision->id}/letter/paper?by=clause")->assertSeeInOrder([
            'R304.1, International Residential Code 2021',
            'R310.1, R310.2, International Residential Code 2021',
        ]);

        $this->post("/revisions/{$this->revision->id}/letter", ['by' => 'room']);
        $letter = Letter::query()->firstOrFail();
        self::assertSame([RevisionState::Returned, 2], [$this->fresh()->state, count((array) $letter->content['items'])]);
        $sent = (string) $this->get("/letters/{$letter->id}")->assertOk()->assertHeader('Content-Security-Policy')->getContent();
        // what is done afterwards leaves it as it was
        $this->actingAs($this->designer)->get("/letters/{$letter->id}")->assertOk();
        $this->post("/schemes/{$this->revision->scheme_id}/revisions")->assertRedirect();
        self::assertSame($sent, $letter->fresh()?->html);
        $this->actingAs($this->reviewer)->post("/revisions/{$this->revision->id}/letter")->assertSessionHasErrors('letter');
    }

    public function test_the_letter_goes_out_in_several_forms(): void
    {
        $this->rule(self::AREA, 'uphold', '=HYPERLINK("x")');
        $address = "/revisions/{$this->revision->id}/letter";
        $this
            ->get("{$address}/json")
            ->assertOk()
            ->assertJsonPath('items.0.rule', 'us-irc-2021/room-area')
            ->assertJsonPath('items.0.ruling', 'uphold');
        $csv = (string) $this->get("{$address}/csv")->assertOk()->getContent();
        self::assertStringContainsString("\"'=HYPERLINK(\"\"x\"\")\"", $csv);
        self::assertStringStartsWith(
            '%PDF-',
            (string) $this->get("{$address}/pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent(),
        );
        $this->get("{$address}/doc")->assertNotFound();

        $file = tempnam(sys_get_temp_dir(), 'bcf');
        file_put_contents((string) $file, (string) $this->get("{$address}/bcf")->assertOk()->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open((string) $file));
        self::assertStringContainsString('VersionId="2.1"', (string) $zip->getFromName('bcf.version'));
        $names = array_map(static fn(int $i): string => (string) $zip->getNameIndex($i), range(0, $zip->numFiles - 1));
        $topics = array_values(array_filter($names, static fn(string $name): bool => str_ends_with($name, 'markup.bcf')));
        self::assertCount(1, $topics);
        $folder = dirname($topics[0]);
        $markup = new \SimpleXMLElement((string) $zip->getFromName($topics[0]));
        self::assertSame(
            [$folder, 'R304.1 Floor area of a habitable room: Study'],
            [(string) $markup->Topic['Guid'], (string) $markup->Topic->Title],
        );
        self::assertSame(
            '-1',
            (string) (new \SimpleXMLElement((string) $zip->getFromName("{$folder}/viewpoint.bcfv")))->OrthogonalCamera->CameraDirection->Z,
        );
        self::assertStringStartsWith("\x89PNG", (string) $zip->getFromName("{$folder}/snapshot.png"));
        unlink((string) $file);
    }

    public function test_sign_off_needs_every_open_finding_waived_or_settled(): void
    {
        $this->post("/revisions/{$this->revision->id}/sign-off")->assertSessionHasErrors('review');
        $report = $this->app->make(ReviewPages::class)->report($this->revision);
        $rules = array_unique(array_map(
            static fn(Finding $finding): string => $finding->ruleName(),
            array_filter($report->findings, static fn(Finding $finding): bool => $finding->verdict()->isOpen()),
        ));
        foreach ($rules as $rule) {
            $first = array_values(array_filter(
                $report->findings,
                static fn(Finding $finding): bool => $finding->ruleName() === $rule && $finding->verdict()->isOpen(),
            ))[0];
            $this->rule($first->fingerprint(), 'waive', 'So be it.', ['all' => 1])->assertSessionHasNoErrors();
        }
        $this->post("/revisions/{$this->revision->id}/sign-off")->assertSessionHasNoErrors();
        self::assertSame(RevisionState::SignedOff, $this->fresh()->state);
        $this->rule(self::AREA, 'uphold')->assertSessionHasErrors('ruling');
        $this->post("/revisions/{$this->revision->id}/sign-off")->assertSessionHasErrors('review');
        $this
            ->get("/projects/{$this->revision->scheme->project_id}")
            ->assertOk()
            ->assertSee('signed off')
            ->assertSee($this->reviewer->name);
    }

    public function test_designers_rule_on_nothing_and_strangers_see_nothing(): void
    {
        $posts = [
            'rulings' => ['finding' => self::AREA, 'kind' => 'uphold'],
            'statements' => ['element' => 'un1', 'key' => 'operation', 'typed' => 'casement'],
            'remarks' => ['storey' => 'G', 'x' => 0, 'y' => 0, 'words' => 'x'],
            'letter' => [],
            'sign-off' => [],
        ];
        $gets = [
            "/revisions/{$this->revision->id}/letter",
            "/revisions/{$this->revision->id}/letter/paper",
            "/revisions/{$this->revision->id}/letter/pdf",
            "/revisions/{$this->revision->id}/schedules/rooms",
            "/projects/{$this->revision->scheme->project_id}",
            "/compare?with[]={$this->revision->id}",
            "/compare?with[]=s{$this->revision->scheme_id}",
        ];
        $this->actingAs($this->designer);
        foreach ($posts as $what => $values) {
            $this->post("/revisions/{$this->revision->id}/{$what}", $values)->assertForbidden();
        }
        $this->get("/revisions/{$this->revision->id}")->assertOk()->assertDontSee('id="ruling-form"', false);
        foreach ($gets as $address) {
            $this->get($address)->assertOk();
        }
        $this->actingAs(User::factory()->create(['role' => Role::Principal]));
        foreach ($posts as $what => $values) {
            $this->post("/revisions/{$this->revision->id}/{$what}", $values)->assertForbidden();
        }
        foreach ($gets as $address) {
            $this->get($address)->assertForbidden();
        }
        $this->post('/sign-out');
        foreach ($gets as $address) {
            $this->get($address)->assertRedirect('/sign-in');
        }
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return TestResponse<Response>
     */
    private function rule(string $finding, string $kind, ?string $words = null, array $more = []): TestResponse
    {
        return $this->post(
            "/revisions/{$this->revision->id}/rulings",
            ['finding' => $finding, 'kind' => $kind, 'words' => $words, ...$more],
        );
    }

    private function fresh(): Revision
    {
        return Revision::query()->findOrFail($this->revision->id);
    }
}
