<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Examination\Basis;
use App\Examination\BookCheck;
use App\Letters\ItemState;
use App\Letters\LetterProgress;
use App\Letters\OpenItem;
use App\Letters\SentLetter;
use App\Models\Letter;
use App\Models\Revision;
use App\Models\Role;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A letter that is out, on the board item by item, answered, and carried into the next review. */
final class LetterItemsTest extends TestCase
{
    use RefreshDatabase;

    private User $designer;

    private User $reviewer;

    private Revision $revision;

    /** The letter has the area and the width of the study, the room beside a water closet, and a remark. */
    protected function setUp(): void
    {
        parent::setUp();
        $this->designer = User::factory()->create(['role' => Role::Designer]);
        $this->reviewer = User::factory()->create(['role' => Role::Reviewer, 'office_id' => $this->designer->office_id]);
        $layout = (new LayoutReader())->read((string) file_get_contents(__DIR__.'/../../database/demo/orchard-terrace.json'));
        $this->revision = $this->app->make(OpenProject::class)->open($this->designer, $layout, null, ['us-irc-2021']);
        $this->actingAs($this->reviewer);
        foreach ([
            'us-irc-2021/room-area/gr7' => 'uphold',
            'us-irc-2021/room-width/gr7' => 'uphold',
            'us-irc-2021/toilet-side/gf17' => 'ask',
        ] as $finding => $kind) {
            $this->post(
                "/revisions/{$this->revision->id}/rulings",
                ['finding' => $finding, 'kind' => $kind, 'words' => "About {$finding}"],
            )->assertSessionHasNoErrors();
        }
        $this->post(
            "/revisions/{$this->revision->id}/remarks",
            ['storey' => 'G', 'x' => 3000, 'y' => 3000, 'words' => 'Where does the coat go?'],
        );
        $this->put("/revisions/{$this->revision->id}/remarks/{$this->revision->remarks()->firstOrFail()->id}")->assertRedirect();
    }

    /** On wish, drawn once and kept; a letter that was sent so stays so. */
    public function test_storeys_with_items_are_drawn_in_the_round_too(): void
    {
        $address = "/revisions/{$this->revision->id}/letter";
        $this->get("{$address}/paper")->assertDontSee('in the round');
        $paper = (string) $this->get("{$address}/paper?round=1")->assertOk()->assertDontSee('First floor in the round')->getContent();
        self::assertSame(1, preg_match('~Ground floor in the round</h2><img src="data:image/svg\+xml;base64,([^"]+)"~', $paper, $drawing));
        $drawn = (string) base64_decode($drawing[1], true);
        self::assertSame(['1', '2', '3', '4'], self::texts($drawn, 'item-mark'));
        self::assertContains('Study', self::texts($drawn, 'room-label'));
        self::assertSame($drawing[1], self::drawing((string) $this->get("{$address}/paper?round=1")->getContent()));
        self::assertTrue(SentLetter::isPlain($paper));
        $this->get("{$address}?round=1")->assertSee('paper?by=room&amp;round=1', false)->assertSee('name="round" value="1"', false);
        $this->post($address, ['by' => 'room', 'round' => 'perhaps'])->assertSessionHasErrors('round');
        $this->post($address, ['by' => 'room', 'round' => '1'])->assertRedirect();
        $sent = Letter::query()->sole();
        self::assertSame($drawing[1], self::drawing($sent->html));
        $this->get("/letters/{$sent->id}")->assertOk();
    }

    /** @return list<string> in groups of a class, in order */
    private static function texts(string $drawing, string $class): array
    {
        preg_match_all("~class=\"pin {$class}\".*?<text[^>]*>([^<]*)</text>~", $drawing, $texts);

        return $texts[1];
    }

    private static function drawing(string $page): string
    {
        return preg_match('~in the round</h2><img src="data:image/svg\+xml;base64,([^"]+)"~', $page, $found) === 1 ? $found[1] : '';
    }

    public function test_a_remark_goes_into_the_letter_as_an_item_of_its_own_and_out_again(): void
    {
        $this
            ->get("/revisions/{$this->revision->id}/letter/paper")
            ->assertOk()
            ->assertSee('Where does the coat go?')
            ->assertSee('<span class="rule">Remark</span>', false);
        foreach (['csv', 'json', 'bcf'] as $format) {
            $this->get("/revisions/{$this->revision->id}/letter/{$format}")->assertOk();
        }
        $this->get("/revisions/{$this->revision->id}/letter/json")->assertSee('Where does the coat go?');
        $this->put("/revisions/{$this->revision->id}/remarks/{$this->revision->remarks()->firstOrFail()->id}")->assertRedirect();
        $this->get("/revisions/{$this->revision->id}/letter/paper")->assertDontSee('Where does the coat go?');
        $this->send();
        $this->put(
            "/revisions/{$this->revision->id}/remarks/{$this->revision->remarks()->firstOrFail()->id}",
        )->assertSessionHasErrors('review');
        $this
            ->actingAs($this->designer)
            ->put("/revisions/{$this->revision->id}/remarks/{$this->revision->remarks()->firstOrFail()->id}")
            ->assertForbidden();
    }

    public function test_each_item_says_how_it_stands_in_the_drawing_as_it_is_now(): void
    {
        $this->get($this->board())->assertDontSee('The letter, item by item');
        $this->send();
        $this->actingAs($this->designer);
        // the closet beside the wall, the study's area and width, the remark
        self::assertSame(['unchanged', 'unchanged', 'unchanged', 'asked'], $this->states());
        $this
            ->get($this->board())
            ->assertOk()
            ->assertSee('The letter, item by item')
            ->assertSee('0 of 4 settled')
            ->assertSee('About us-irc-2021/room-area/gr7');
        // the wall between laundry and study to the left: the study gets larger, not large enough, and no wider
        $this->act('move', ['select' => 'gw12', 'by' => '-100,0'])->assertOk();
        self::assertSame(['unchanged', 'smaller', 'unchanged', 'asked'], $this->states());
        $this->act('move', ['select' => 'gw12', 'by' => '150,0'])->assertOk();
        self::assertSame(['unchanged', 'worse', 'worse', 'asked'], $this->states());
        // what was required is met, what is recommended is not yet; then all of it
        $this->act('move', ['select' => 'gf17', 'by' => '-25.4,0'])->assertOk();
        self::assertSame('smaller', $this->states()[0]);
        $this->act('move', ['select' => 'gf17', 'by' => '-80,0'])->assertOk();
        self::assertSame('settled', $this->states()[0]);
        $this->get($this->board())->assertSee('1 of 4 settled')->assertSee('by which edit?');
        $this->act('edit', ['edit' => '{"edit": "remove", "ids": ["gf17"]}'])->assertOk();
        self::assertSame('gone', $this->states()[0]);
        $this->get($this->board())->assertSee('Gone: what it was of');
    }

    public function test_the_edit_that_settled_an_item_is_found(): void
    {
        $this->send();
        $this->actingAs($this->designer);
        $number = array_column($this->items(), 'number', 'key')['us-irc-2021/toilet-side/gf17'];
        $this->get("/schemes/{$this->scheme()->id}/letter/{$number}/edit")->assertOk()->assertSee('by none of the edits');
        foreach (['10,0', '-20,0'] as $by) {
            $this->act('move', ['select' => 'gf8', 'by' => $by])->assertOk();
        }
        $this->act('move', ['select' => 'gf17', 'by' => '-105,0'])->assertOk();
        foreach (['10,0', '5,0', '-7,0'] as $by) {
            $this->act('move', ['select' => 'gf8', 'by' => $by])->assertOk();
        }
        $this
            ->get("/schemes/{$this->scheme()->id}/letter/{$number}/edit")
            ->assertOk()
            ->assertSee('by “The water closet WC1 in Powder moved 105 mm”')
            ->assertSee($this->designer->name, false);
        $this->get("/schemes/{$this->scheme()->id}/letter/99/edit")->assertOk()->assertSee('by none of the edits');
    }

    public function test_answers_are_kept_and_carried_item_by_item_into_the_next_review(): void
    {
        $this->send();
        $this->actingAs($this->designer);
        $remark = "remark/{$this->revision->remarks()->firstOrFail()->id}";
        $this->answer('us-irc-2021/room-area/gr7', 'We make it a <store>.')->assertOk();
        $this->answer($remark, 'Behind the door.')->assertOk();
        $this->answer('us-irc-2021/room-width/gr7', 'Wrong')->assertOk();
        $this->answer('us-irc-2021/room-width/gr7', '')->assertOk();
        $this->answer('us-irc-2021/nothing/gr7', 'x')->assertUnprocessable();
        $this->answer('us-irc-2021/room-area/gr7', str_repeat('x', 4001))->assertRedirect();
        $this->get($this->board())->assertSee('We make it a &lt;store&gt;.', false);
        $this->post("/schemes/{$this->scheme()->id}/revisions")->assertRedirect();
        $next = Revision::query()->latest('id')->firstOrFail();
        self::assertSame([2, 4], [$next->number, count($next->answers ?? [])]);
        self::assertNull($this->scheme()->answers);
        self::assertSame(
            ['We make it a <store>.', null],
            [$this->answerTo($next, 'us-irc-2021/room-area/gr7'), $this->answerTo($next, 'us-irc-2021/room-width/gr7')],
        );

        $this->actingAs($this->reviewer);
        $list = $this
            ->get("/revisions/{$next->id}?show=letter")
            ->assertOk()
            ->assertSee('2. Floor area of a habitable room')
            ->assertSee('Behind the door.')
            ->assertSee('Item 4');
        self::assertStringContainsString('Where does the coat go?', (string) $list->getContent());
        $this
            ->get("/revisions/{$next->id}?finding=us-irc-2021/room-area/gr7")
            ->assertSee('of the letter before')
            ->assertSee('Answer: We make it a &lt;store&gt;.', false);
        $this->get("/revisions/{$next->id}?finding=us-irc-2021/room-width/gr7&show=met")->assertSee('No answer was given.');
        // a first revision has no letter before it
        $this->get("/revisions/{$this->revision->id}?show=letter")->assertOk()->assertDontSee('of the letter before');
    }

    public function test_strangers_answer_nothing(): void
    {
        $this->send();
        $this->actingAs(User::factory()->create());
        $this->answer('us-irc-2021/room-area/gr7', 'x')->assertForbidden();
        $this->get("/schemes/{$this->scheme()->id}/letter/1/edit")->assertForbidden();
    }

    private function send(): void
    {
        $this->post("/revisions/{$this->revision->id}/letter")->assertRedirect();
        self::assertSame(1, Letter::query()->count());
    }

    /** @return list<OpenItem> */
    private function items(): array
    {
        $scheme = $this->scheme();
        $report = $this->app->make(BookCheck::class)->report(
            new Home($scheme->layout),
            Basis::ofProject($scheme->project, $scheme->layout->units),
        );

        return LetterProgress::of($scheme)?->items($report) ?? [];
    }

    /**
     * @return list<string>
     *
     * @phpstan-impure
     */
    private function states(): array
    {
        return array_map(static fn(ItemState $state): string => $state->value, array_column($this->items(), 'state'));
    }

    private function answerTo(Revision $revision, string $key): ?string
    {
        return array_column($revision->answers ?? [], 'answer', 'key')[$key];
    }

    private function scheme(): Scheme
    {
        return Scheme::query()->findOrFail($this->revision->scheme_id);
    }

    private function board(): string
    {
        return "/schemes/{$this->revision->scheme_id}/board?storey=G";
    }

    /**
     * @param array<string, string> $values
     *
     * @return TestResponse<Response>
     */
    private function act(string $act, array $values): TestResponse
    {
        return $this->post(
            "/schemes/{$this->scheme()->id}/acts/{$act}",
            ['version' => $this->scheme()->version, 'storey' => 'G', ...$values],
        );
    }

    /** @return TestResponse<Response> */
    private function answer(string $item, string $words): TestResponse
    {
        return $this->post(
            "/schemes/{$this->scheme()->id}/answers",
            ['version' => $this->scheme()->version, 'storey' => 'G', 'item' => $item, 'words' => $words],
        );
    }
}
