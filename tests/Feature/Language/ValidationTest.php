<?php

declare(strict_types=1);

namespace Tests\Feature\Language;

use App\Models\User;
use Heurema\Language\Language;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Lang;
use Tests\TestCase;

/** Fields are refused in the language of their reader, whatever rule refuses them. */
final class ValidationTest extends TestCase
{
    use RefreshDatabase;

    public function test_every_rule_is_worded_with_the_same_values(): void
    {
        [$english, $spanish] = array_map(
            static fn(string $language): array => Arr::dot((array) Lang::get('validation', [], $language)),
            ['en', 'es'],
        );
        $places = static function (mixed $text): array {
            preg_match_all('/:\w+/', is_string($text) ? $text : '', $found);
            $each = array_unique(array_map(mb_strtolower(...), $found[0]));
            sort($each);

            return $each;
        };
        self::assertGreaterThan(100, count($english));
        foreach (array_diff_key($english, ['custom.attribute-name.rule-name' => 0, 'attributes' => 0]) as $rule => $text) {
            self::assertArrayHasKey($rule, $spanish);
            self::assertNotSame($text, $spanish[$rule], $rule);
            self::assertSame($places($text), $places($spanish[$rule]), $rule);
        }
    }

    public function test_a_field_is_refused_in_the_language_of_its_reader(): void
    {
        $this->actingAs(User::factory()->create(['language' => Language::Spanish]));
        $this->from('/account')->post('/account/tokens', ['name' => str_repeat('x', 1000)])->assertRedirect('/account')
            ->assertSessionHasErrorsIn('token', [
                'name' => 'El nombre tiene que tener como máximo 100 caracteres.',
                'ability' => 'Falta el permiso.',
            ]);
    }
}
