<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What is taped on site is kept with who taped it, listed, and taken over into the drawing. */
final class SurveyTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;
    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = User::factory()->create(['name' => 'Ines Kowal']);
        $this->actingAs($this->user);
        $this->scheme = $this->app->make(OpenProject::class)->open($this->user, self::home(), null, ['drawing'])->scheme;
    }

    public function test_a_distance_is_kept_with_who_taped_it_listed_and_taken(): void
    {
        $this->travelTo('2026-11-20 10:00');
        $this->act('taped', '', ['from' => '100,2000', 'to' => '5900,2000', 'measured' => '5850'])->assertOk();
        $taped = $this->layout()->survey[0];
        self::assertSame(['Ines Kowal', '2026-11-20'], [$taped->by, $taped->on]);
        $this->get("/schemes/{$this->scheme->id}/survey")
            ->assertOk()
            ->assertSee('5800 mm')
            ->assertSee('5850 mm')
            ->assertSee('+50 mm')
            ->assertSee('Ines Kowal, 2026-11-20');
        $this->get("/schemes/{$this->scheme->id}/board?storey=G&select={$taped->id}")->assertOk()->assertSee('Make the drawing so');
        $this->act('take-taped', $taped->id, ['moves' => 'to'])->assertOk();
        self::assertSame(6050.0, $this->layout()->storeys[0]->wall('w1')?->from->x, 'the right wall goes out by 50');
        $this->get("/schemes/{$this->scheme->id}/survey")->assertOk()->assertSee('as drawn');
    }

    public function test_heights_are_kept_with_their_room_and_openings_and_taken(): void
    {
        $this->act('taped-heights', 'r1', ['fields' => ['ceiling' => '2.43 m']])->assertOk();
        $this->act('taped-heights', 'o1', ['fields' => ['sill' => '920', 'head' => '2110']])->assertOk();
        self::assertArrayHasKey(2, $this->layout()->survey);
        $this->act('taped-heights', 'o1', ['fields' => ['sill' => '910', 'head' => '']])->assertOk();
        [$ceiling, $sill] = $this->layout()->survey;
        self::assertArrayNotHasKey(2, $this->layout()->survey, 'one that was kept before is taken over');
        self::assertSame(['r1', 2430.0, 'o1', 910.0], [$ceiling->of, $ceiling->measured, $sill->of, $sill->measured]);
        $this->get("/schemes/{$this->scheme->id}/survey")->assertOk()->assertSee('Taped ceiling of Hall')->assertSee('Taped sill of the');
        $this->act('take-taped', $ceiling->id)->assertOk();
        $this->act('take-taped', $sill->id)->assertOk();
        self::assertSame(2430.0, $this->layout()->storeys[0]->rooms[0]->ceiling);
        self::assertSame(910.0, $this->layout()->storeys[0]->openings[0]->sill);
        $this->get("/schemes/{$this->scheme->id}/board?storey=G&select=o1")
            ->assertOk()
            ->assertSee('Heights taped on site')
            ->assertSee('910');
    }

    public function test_what_is_still_to_be_taped_is_listed_until_it_is(): void
    {
        $list = fn(): string => (string) preg_replace('/\s+/', ' ', strip_tags(
            (string) $this->get("/schemes/{$this->scheme->id}/survey")->assertOk()->getContent(),
        ));
        self::assertMatchesRegularExpression('/Hall ?length.*width.*ceiling/', $list());
        $this->act('taped', '', ['from' => '100,2000', 'to' => '5900,2000', 'measured' => '5800'])->assertOk();
        self::assertDoesNotMatchRegularExpression('/Hall ?length/', $list());
        $this->act('taped', '', ['from' => '3000,100', 'to' => '3000,3900', 'measured' => '3800'])->assertOk();
        self::assertDoesNotMatchRegularExpression('/Hall ?width/', $list());
        $this->act('taped-heights', 'r1', ['fields' => ['ceiling' => '2.4 m']])->assertOk();
        $this->act('taped-heights', 'o1', ['fields' => ['sill' => '900', 'head' => '2100']])->assertOk();
        self::assertStringContainsString('Every room and opening was taped.', $list());
    }

    public function test_heights_go_with_what_they_are_of_and_come_back_with_it(): void
    {
        $this->act('taped-heights', 'o1', ['fields' => ['sill' => '920', 'head' => '2110']])->assertOk();
        $this->act('taped-heights', 'r1', ['fields' => ['ceiling' => '2.4 m']])->assertOk();
        $before = $this->layout()->toArray();
        $this->act('remove', 'w0')->assertOk();
        self::assertSame(['r1'], array_column($this->layout()->survey, 'of'), 'the window went with its wall');
        $this->post("/schemes/{$this->scheme->id}/undo", ['version' => $this->scheme->refresh()->version, 'storey' => 'G'])->assertOk();
        self::assertSame($before, $this->layout()->toArray());
    }

    public function test_a_height_of_nothing_is_refused_in_a_file(): void
    {
        $document = $this->layout()->toArray();
        $document['survey'] = [[
            'id' => 't', 'storey' => 'G', 'from' => [0, 0], 'to' => [0, 0], 'measured' => 2400, 'of' => 'gone', 'height' => 'ceiling',
        ]];
        $this->expectExceptionMessage('/survey/0/of: expected the id of a room or an opening');
        (new LayoutReader())->read((string) json_encode($document));
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'no height' => ['taped-heights', 'r1', ['fields' => ['ceiling' => '']], 'Type what was taped'];
        yield 'a word' => ['taped-heights', 'r1', ['fields' => ['ceiling' => 'high']], 'Nothing in a length'];
        yield 'zero' => ['taped-heights', 'o1', ['fields' => ['sill' => '0']], 'above zero'];
        yield 'of a wall' => ['taped-heights', 'w1', ['fields' => ['ceiling' => '2400']], 'Choose a room, a door or a window'];
        yield 'not taped' => ['take-taped', 'w1', ['moves' => 'to'], ''];
    }

    /** @param array<string, mixed> $values */
    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_refused(string $act, string $on, array $values, string $why): void
    {
        $before = $this->layout()->toArray();
        $this->act($act, $on, $values)->assertUnprocessable()->assertSee($why);
        self::assertSame($before, $this->layout()->toArray());
    }

    public function test_the_list_is_for_those_of_the_office(): void
    {
        $this->actingAs(User::factory()->create());
        $this->get("/schemes/{$this->scheme->id}/survey")->assertForbidden();
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return TestResponse<Response>
     */
    private function act(string $act, string $on, array $values = []): TestResponse
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

    private static function home(): Layout
    {
        $corners = [[0, 0], [6000, 0], [6000, 4000], [0, 4000]];
        $wall = static fn(int $number): array => [
            'id' => "w{$number}", 'from' => $corners[$number], 'to' => $corners[($number + 1) % 4],
            'thickness' => 200, 'type' => 'exterior',
        ];

        return (new LayoutReader())->read((string) json_encode([
            'format' => 'heurema-layout', 'version' => 1, 'name' => 'One room', 'units' => 'metric',
            'storeys' => [[
                'id' => 'G', 'name' => 'Ground floor', 'elevation' => 0, 'ceiling' => 2400,
                'walls' => array_map($wall, range(0, 3)),
                'openings' => [[
                    'id' => 'o1', 'kind' => 'window', 'wall' => 'w0', 'at' => 3000, 'width' => 1200, 'height' => 1200, 'sill' => 900,
                ]],
                'rooms' => [['id' => 'r1', 'name' => 'Hall', 'use' => 'hall', 'at' => [3000, 1500]]],
            ]],
        ]));
    }
}
