<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

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
    #[TestWith(['a room under nobody', 'a room under nobody'])]
    #[TestWith(['nobody.height', 'nobody.height'])]
    #[TestWith(['d', 'd'])]
    #[TestWith(['something else', 'something else'])]
    public function test_in_words(string $missing, string $words): void
    {
        self::assertSame([$words], $this->words()->of([$missing, $missing]));
    }

    public function test_elements_by_their_ids(): void
    {
        $words = $this->words();
        self::assertSame('r', $words->subject('r')?->id());
        self::assertNull($words->subject('nobody'));
        self::assertSame(['R', 'the south door D1 of R', 'nobody'], array_map($words->called(...), ['r', 'd', 'nobody']));
        self::assertSame([], $words->of([]));
    }

    private function words(): MissingWords
    {
        return new MissingWords(Sketch::room(4000, 3000)->document(['north' => 90])->door('w1', 1000, 900)->home());
    }
}
