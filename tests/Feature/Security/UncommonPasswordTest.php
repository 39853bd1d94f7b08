<?php

declare(strict_types=1);

namespace Tests\Feature\Security;

use App\Security\UncommonPassword;
use Illuminate\Support\Facades\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class UncommonPasswordTest extends TestCase
{
    /** @return iterable<string, array{string, string|null}> and what is said; null: nothing */
    public static function passwords(): iterable
    {
        yield 'just too short' => ['tinylampost', 'At least 12 characters'];
        yield 'just long enough' => ['tinylampost7', null];
        yield 'a few words' => ['quiet lamp over slate', null];
        yield 'in another script' => ['тихая лампа над', null];
        yield 'one letter' => ['aaaaaaaaaaaaaaaa', 'Too few different'];
        yield 'four letters' => ['abcdabcdabcdabcd', 'Too few different'];
        yield 'keys in a row' => ['qwertyuiopas', 'A run of keys'];
        yield 'keys in a row, backwards' => ['poiuytrewqmn', 'A run of keys'];
        yield 'figures in a row' => ['345678901234', 'A run of keys'];
        yield 'a common one with a year' => ['Password2026', 'guessed first'];
        yield 'a common one with signs for letters' => ['P4$$w0rd!!!!!', 'guessed first'];
        yield 'a common one twice' => ['sunshinesunshine', 'guessed first'];
        yield 'a common one of many words' => ['correct horse battery staple', 'guessed first'];
        yield 'this one by name' => ['Heurema-2026!', 'guessed first'];
        yield 'the own name' => ['Lindqvist1234', 'who you are'];
        yield 'the own address' => ['nadia.example', 'who you are'];
        yield 'the own name among other words' => ['lindqvist under seven roofs', null];
    }

    #[DataProvider('passwords')]
    public function test_what_is_asked_of_a_password(string $password, ?string $expected): void
    {
        $said = Validator::make(
            ['password' => $password],
            ['password' => [new UncommonPassword(['Nadia Lindqvist', 'nadia@example.test'])]],
        )->errors()->first('password');
        $expected === null ? self::assertSame('', $said) : self::assertStringContainsString($expected, $said);
    }
}
