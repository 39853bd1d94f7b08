<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\CommaSeparated;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Quoting as RFC 4180, section 2, has it; what begins like a formula is text (OWASP, CSV Injection). */
final class CommaSeparatedTest extends TestCase
{
    #[TestWith(['plain', 'plain'])]
    #[TestWith(['', ''])]
    #[TestWith(['a,b', '"a,b"'])]
    #[TestWith(['a "b"', '"a ""b"""'])]
    #[TestWith(["two\nlines", "\"two\nlines\""])]
    #[TestWith(["two\rlines", "\"two\rlines\""])]
    #[TestWith(['=1+1', "'=1+1"])]
    #[TestWith(['+1', "'+1"])]
    #[TestWith(['-1', "'-1"])]
    #[TestWith(['@sum', "'@sum"])]
    #[TestWith(["\t=1", "'\t=1"])]
    #[TestWith(["\r=1", "\"'\r=1\""])]
    #[TestWith(['-a,b', "\"'-a,b\""])]
    #[TestWith(['a-b', 'a-b'])]
    #[TestWith([-1.5, '-1.5'])]
    #[TestWith([-2, '-2'])]
    #[TestWith([true, 'yes'])]
    #[TestWith([false, 'no'])]
    #[TestWith([null, ''])]
    public function test_a_cell(string|float|int|bool|null $value, string $written): void
    {
        self::assertSame("a,{$written},z\r\n", CommaSeparated::of([['a', $value, 'z']]));
    }

    public function test_rows_end_with_both_characters(): void
    {
        self::assertSame("1,2\r\n3\r\n", CommaSeparated::of([[1, 2], [3]]));
    }
}
