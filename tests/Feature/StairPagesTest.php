<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Revision;
use App\Models\Role;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\Flight;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

final class StairPagesTest extends TestCase
{
    use RefreshDatabase;

    private Revision $revision;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $designer = User::factory()->create(['role' => Role::Designer]);
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $this->revision = $this->app->make(OpenProject::class)->open($designer, $layout, null, ['us-irc-2021']);
        $this->scheme = $this->revision->scheme;
        $this->actingAs($designer);
    }

    public function test_the_section_shows_where_it_is_lowest_and_what_the_books_say(): void
    {
        $page = $this->get("/revisions/{$this->revision->id}/stairs/st1")->assertOk();
        $page->assertSee('class="section-critical section-missed"', false)->assertSee('6&#039;-8&quot; wanted', false);
        $page->assertSeeInOrder(['Measured', 'Risers', '14', 'Headroom', '6&#039;-7 9/16&quot;'], false);
        $page->assertSeeInOrder(
            ['Checked against the books', 'Headroom of stairs', 'International Residential Code 2021, R311.7.2'],
            false,
        );
        $page->assertSee('Rolled out along the line one walks')->assertDontSee('Other steps');
        // fourteen treads, landing and all, and no closing riser
        self::assertSame(13, substr_count((string) $page->getContent(), 'class="tread"'));
        $this
            ->get("/revisions/{$this->revision->id}/stairs/st2")
            ->assertOk()
            ->assertSee('class="ground"', false)
            ->assertDontSee('Rolled out');
        $this->get("/revisions/{$this->revision->id}/stairs/nowhere")->assertNotFound();
    }

    public function test_what_cannot_be_drawn_says_why(): void
    {
        $json = preg_replace('/"elevation": ?2743.2,?/', '', (string) json_encode($this->scheme->layout->toArray()));
        $this->scheme->update(['layout' => (new LayoutReader())->read((string) $json)]);
        $this
            ->get("/schemes/{$this->scheme->id}/stairs/st1")
            ->assertOk()
            ->assertSee('<b>Not known:</b> the elevation of Upper floor', false)
            ->assertSee('unknown height');
    }

    public function test_steps_that_the_books_allow_are_chosen_and_change_the_stair(): void
    {
        $page = $this->get("/schemes/{$this->scheme->id}/stairs/st1")->assertOk();
        // 108 in over 14 risers is the most that 7 3/4 in allow; 13 would be 8 5/16 in
        $page->assertSeeInOrder(
            ['Other steps', '<th scope="row">14</th>', '<th scope="row">15</th>'],
            false,
        )->assertDontSee('<th scope="row">13</th>', false);
        $this
            ->post("/schemes/{$this->scheme->id}/stairs/st1", ['version' => 1, 'risers' => 15, 'tread' => '263.5 mm'])
            ->assertRedirect("/schemes/{$this->scheme->id}/stairs/st1")
            ->assertSessionHasNoErrors();
        $parts = $this->scheme->fresh()?->layout->stairs[0]->parts;
        self::assertEquals([new Flight(2, 263.5), new Flight(13, 263.5)], [$parts[0] ?? null, $parts[2] ?? null]);
        $this->get("/schemes/{$this->scheme->id}/stairs/st1")->assertSee('7 3/16&quot;', false);
    }

    public function test_what_fits_the_room_there_is(): void
    {
        // twelve treads of at least 10 in: 10 ft
        $this
            ->get("/schemes/{$this->scheme->id}/stairs/st1?space=".urlencode("10'"))
            ->assertOk()
            ->assertSeeInOrder(['<th scope="row">14</th>', '<th scope="row">15</th>', 'does not fit'], false);
        $upTo14 = explode(
            '>14</th>',
            (string) $this->get("/schemes/{$this->scheme->id}/stairs/st1?space=".urlencode("10'"))->getContent(),
        )[0];
        self::assertStringNotContainsString('does-not-fit', $upTo14);
        $this->get(
            "/schemes/{$this->scheme->id}/stairs/st1?space=".urlencode("9'-11\""),
        )->assertSeeInOrder(['Other steps', 'does not fit'], false);
        $this->get("/schemes/{$this->scheme->id}/stairs/st1?space=wide")->assertOk()->assertSee('id="space-problem"', false);
    }

    public function test_the_smallest_opening_is_cut_into_the_floor(): void
    {
        $this->post("/schemes/{$this->scheme->id}/stairs/st1", ['version' => 1, 'headroom' => "6'-8\""])->assertSessionHasNoErrors();
        $voids = $this->scheme->fresh()?->layout->storeys[1]->voids ?? [];
        self::assertCount(1, $voids);
        // 80 in and 12 in below the head of 108 in a stair of 14 risers on 9 1/2 in: from the first nosing of the upper flight on
        $box = $voids[0]->outline->bounds();
        self::assertEqualsWithDelta([6318.25, 3409.95, 7232.65, 6064.25], [$box->left, $box->bottom, $box->right, $box->top], 0.05);
    }

    public function test_what_is_refused_changes_nothing(): void
    {
        $address = "/schemes/{$this->scheme->id}/stairs/st1";
        foreach ([
            ['version' => 7, 'risers' => 15, 'tread' => '10"'],
            ['version' => 1, 'risers' => 1, 'tread' => '10"'],
            ['version' => 1, 'risers' => 15, 'tread' => 'deep'],
            ['version' => 1, 'headroom' => 'high'],
        ] as $values) {
            $this->post($address, $values)->assertRedirect($address)->assertSessionHasErrors('stair');
        }
        $this->post($address, ['version' => 1, 'risers' => 99, 'tread' => '10"'])->assertSessionHasErrors('risers');
        self::assertSame(1, $this->scheme->fresh()?->version);
        $this->post("/schemes/{$this->scheme->id}/stairs/nowhere", ['version' => 1, 'headroom' => '2 m'])->assertNotFound();
    }

    public function test_other_offices_see_no_stairs(): void
    {
        $this->actingAs(User::factory()->create());
        $this->get("/revisions/{$this->revision->id}/stairs/st1")->assertForbidden();
        $this->get("/schemes/{$this->scheme->id}/stairs/st1")->assertForbidden();
        $this->post("/schemes/{$this->scheme->id}/stairs/st1", ['version' => 1, 'headroom' => '2 m'])->assertForbidden();
    }
}
