<?php

declare(strict_types=1);

namespace Heurema\Tests\Units;

use Heurema\Units\Amount;
use PHPUnit\Framework\TestCase;

final class AmountTest extends TestCase
{
    public function test_lengths_closer_than_a_twentieth_of_a_millimetre_are_equal(): void
    {
        $limit = Amount::length(914.4);
        self::assertTrue(Amount::length(914.4)->isAtLeast($limit));
        self::assertTrue(Amount::length(914.36)->isAtLeast($limit));
        self::assertFalse(Amount::length(914.3)->isAtLeast($limit));
        self::assertTrue(Amount::length(914.44)->isAtMost($limit));
        self::assertFalse(Amount::length(914.5)->isAtMost($limit));
    }

    public function test_areas_closer_than_a_square_centimetre_are_equal(): void
    {
        $limit = Amount::area(6.5);
        self::assertTrue(Amount::area(6.49991)->isAtLeast($limit));
        self::assertFalse(Amount::area(6.4998)->isAtLeast($limit));
    }

    public function test_different_quantities_are_never_compared(): void
    {
        $this->expectException(\LogicException::class);
        Amount::length(1)->isAtLeast(Amount::area(1));
    }
}
