<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Pages\MeasureList;
use Heurema\Measure\Catalogue\Catalogue;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** The list of measures says of each what it is, on its page and in docs/measures.md. */
final class MeasuresTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_documentation_is_what_the_measures_say(): void
    {
        self::assertSame(
            (new MeasureList(Catalogue::standard()))->markdown(),
            file_get_contents(base_path('docs/measures.md')),
            'php artisan heurema:measures writes it anew',
        );
    }

    public function test_every_measure_is_a_sentence(): void
    {
        foreach (Catalogue::standard()->all() as $measure) {
            self::assertMatchesRegularExpression('/^(\p{Lu}|\d).{8,}\.$/u', $measure->is()->tells, $measure->name());
            foreach ($measure->words() as $key => $words) {
                self::assertTrue(
                    $key === $measure::ANSWER || isset($measure->parameters()[$key]),
                    "{$measure->name()}: {$key} has words and is no parameter",
                );
                self::assertNotSame([], $words);
            }
        }
    }

    public function test_what_was_found_and_kept_is_what_there_is(): void
    {
        self::assertSame(config('rules.measures'), Catalogue::found());
        self::assertNull(Catalogue::standard()->get('room.nonsense'));
    }

    public function test_the_page_lists_and_searches(): void
    {
        $this->actingAs(User::factory()->create());
        $this->get('/rule-books')->assertSee('href="'.route('measures').'"', false);
        $this->get('/measures')->assertOk()->assertSee('stair.pitch')->assertSee('The steepest angle')->assertSee('window.to_door');
        $this->get('/measures?q=nosings')->assertOk()->assertSee('stair.pitch')->assertDontSee('window.to_door');
        $this->get('/measures?q=%3Cb%3E')->assertOk()->assertSee('No measure speaks of', false)->assertDontSee('<b>', false);
    }
}
