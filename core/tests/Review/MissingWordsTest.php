<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Language\Language;
use Heurema\Language\Text;
use Heurema\Review\MissingWords;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What nobody drew, as one asks a designer for it. */
final class MissingWordsTest extends TestCase
{
    #[TestWith(['grade', 'the level of the ground'])]
    #[TestWith(['d.height', 'the height of the south door D1 of R'])]
    #[TestWith(['d.details.leaf_thickness', 'the leaf thickness of the details of the south door D1 of R'])]
    #[TestWith(['r.ceiling or G.ceiling', 'the ceiling of R or the ceiling of Ground'])]
    #[TestWith(['walls closed around r', 'walls closed around R'])]
    #[TestWith(['a wall or divider between R and Hall, Entry', 'a wall or divider between R and Hall, Entry'])]
    #[TestWith(['a room under nobody', 'a room under nobody'])]
    #[TestWith(['nobody.height', 'nobody.height'])]
    #[TestWith(['d', 'd'])]
    #[TestWith(['something else', 'something else'])]
    public function test_in_words(string $missing, string $words): void
    {
        self::assertSame([$words], $this->words()->of([$missing, $missing]));
    }

    #[TestWith(['r.ceiling or G.ceiling', 'techo de R o techo de Ground'])]
    #[TestWith(['walls closed around r', 'muros cerrados en torno a R'])]
    #[TestWith(['an opening in Ground over st', 'un hueco en Ground sobre st'])]
    #[TestWith(['a wall or divider between R and Hall, Entry', 'un muro o una mampara entre R y Hall, Entry'])]
    #[TestWith(['a room for the unnamed space at 1200, -40', 'una habitación para el espacio sin nombre en 1200, -40'])]
    #[TestWith(['a room for outside', 'una habitación para el exterior'])]
    #[TestWith(['outer walls closed around the dwelling', 'muros exteriores cerrados en torno a la vivienda'])]
    public function test_in_another_language(string $missing, string $words): void
    {
        Text::speak(Language::Spanish);
        self::assertSame([$words], $this->words()->of([$missing]));
    }

    protected function tearDown(): void
    {
        Text::speak(Language::English);
        parent::tearDown();
    }

    public function test_alternatives(): void
    {
        self::assertSame(['r.ceiling', 'G.ceiling'], MissingWords::alternatives('r.ceiling or G.ceiling'));
        self::assertSame(['a wall or divider between R and S'], MissingWords::alternatives('a wall or divider between R and S'));
        self::assertSame(['d.height'], MissingWords::alternatives('d.height'));
    }

    public function test_elements_by_their_ids(): void
    {
        $words = $this->words();
        self::assertSame('r', $words->subject('r')?->id());
        self::assertNull($words->subject('nobody'));
        self::assertSame(['R', 'the south door D1 of R', 'nobody'], array_map($words->called(...), ['r', 'd', 'nobody']));
        self::assertSame([], $words->of([]));
    }

    public function test_parts_of_a_stair_are_counted_from_one(): void
    {
        $words = new MissingWords(Sketch::room(4000, 3000)->stair(['parts' => [['flight' => ['risers' => 5]]]])->home());
        self::assertSame(
            ['the tread in part 1 of Stair ST1', 'the depth in part 3 of Stair ST1', 'the left of the handrails of Stair ST1'],
            $words->of(['s.parts.0.flight.tread', 's.parts.2.landing.depth', 's.handrails.left']),
        );
    }

    private function words(): MissingWords
    {
        return new MissingWords(Sketch::room(4000, 3000)->document(['north' => 90])->door('w1', 1000, 900)->home());
    }
}
