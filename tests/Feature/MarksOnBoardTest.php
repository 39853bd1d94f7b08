<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Heurema\Layout\Marks;
use Heurema\Tests\Sketch;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Marks are typed on the board, given to what is drawn, and numbered anew. */
final class MarksOnBoardTest extends TestCase
{
    use ActsOnBoard;
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs(User::factory()->create());
        $this->open(Sketch::room(9000, 4000, 'living')
            ->window('w3', 6000, 900, 1200, ['id' => 'a'])
            ->window('w3', 3000, 900, 1200, ['id' => 'b'])
            ->door('w1', 2000, 900)->layout());
    }

    public function test_a_home_that_is_handed_in_has_its_marks_in_the_document(): void
    {
        self::assertSame(['W1', 'W2', 'D1'], array_map(static fn($one): ?string => $one->mark, $this->layout()->storeys[0]->openings));
    }

    public function test_a_mark_is_typed_or_refused_at_its_field(): void
    {
        $this->type('a', 'Bay')->assertOk()->assertSee('Upper window Bay of R');
        $this->type('b', 'bay')->assertUnprocessable()->assertSee('“Bay” is taken');
        $this->type('d', 'W2')->assertUnprocessable()->assertSee('“W2” is taken');
        $this->type('b', '12345678901234567')->assertUnprocessable()->assertSee('at most 16 characters');
        $this->type('b', '1234567890123456')->assertOk();
        self::assertSame(['Bay', '1234567890123456', 'D1'], $this->marks());
        // taken away, it gets a number again
        $this->type('a', '')->assertOk();
        self::assertSame(['W1', '1234567890123456', 'D1'], $this->marks());
    }

    public function test_what_becomes_something_else_is_numbered_there_unless_somebody_thought_of_its_mark(): void
    {
        $this->act('convert', ['select' => 'd'])->assertOk();
        self::assertSame('O1', $this->marks()[2]);
        $this->act('convert', ['select' => 'd'])->assertOk();
        self::assertSame('D1', $this->marks()[2]);
        $this->type('d', 'Front')->assertOk();
        $this->act('convert', ['select' => 'd'])->assertOk();
        self::assertSame('Front', $this->marks()[2]);
        $this->post("/schemes/{$this->scheme->id}/undo", ['version' => $this->scheme->refresh()->version])->assertOk();
        self::assertSame('Front', $this->marks()[2]);
    }

    public function test_numbers_follow_and_are_given_anew(): void
    {
        $this->act('number-anew', [])->assertUnprocessable()->assertSee('numbered in reading order already');
        $this->act('edit', ['edit' => '{"edit": "remove", "ids": ["a"]}'])->assertOk();
        self::assertSame(['W2', 'D1'], $this->marks());
        $this->act('number-anew', [])->assertOk();
        self::assertSame(['W1', 'D1'], $this->marks());
    }

    /** @return TestResponse<Response> */
    private function type(string $select, string $mark): TestResponse
    {
        return $this->act('values', ['select' => $select, 'fields' => ['mark' => $mark]]);
    }

    /** @return list<string> of the openings, as the plan shows them */
    private function marks(): array
    {
        $marks = new Marks($this->layout());

        return array_map(static fn($one): string => $marks->of($one->id), $this->layout()->storeys[0]->openings);
    }
}
