<?php

declare(strict_types=1);

namespace App\Pages;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Catalogue\Sentences;
use Heurema\Measure\Measure;

/** All measures, for those who write rule books: on a page, and as docs/measures.md. */
final readonly class MeasureList
{
    /** Longer lists of words are lists of the document: how many there are says enough. */
    private const MOST_WORDS = 12;

    public function __construct(private Catalogue $catalogue, private string $search = '') {}

    /** @return array<string, list<Measure>> by the subject that they are of */
    public function bySubject(): array
    {
        $measures = [];
        foreach ($this->catalogue->all() as $measure) {
            if ($this->search === '' || mb_stripos("{$measure->name()} ".Sentences::of($measure->is()), $this->search) !== false) {
                $measures[$measure->subject()->value][] = $measure;
            }
        }
        ksort($measures);

        return $measures;
    }

    /** `a length`, `one of: hinged, sliding` */
    public static function answers(Measure $measure): string
    {
        return self::type($measure->answer(), $measure->words()[Measure::ANSWER] ?? []);
    }

    /** @return array<string, string> what each parameter is, by its name */
    public static function parameters(Measure $measure): array
    {
        $words = $measure->words();
        $said = [];
        foreach ($measure->parameters() as $name => $type) {
            $said[$name] = self::type($type, $words[$name] ?? []);
        }

        return $said;
    }

    public function markdown(): string
    {
        $text = "# Measures\n\nWhat a rule can ask about, by the subject that it is of. [Rule books](rule-books.md) "
            .'says how it is asked for. Where a measure cannot be told, what it lacks is named. This page is '
            ."written by `php artisan heurema:measures`.\n";
        foreach ($this->bySubject() as $subject => $measures) {
            $text .= "\n## {$subject}\n\n| Measure | Answer | What it is | Parameters |\n| --- | --- | --- | --- |\n";
            foreach ($measures as $measure) {
                $parameters = self::parameters($measure);
                $said = array_map(
                    static fn(string $name, string $type): string => "`{$name}`: {$type}",
                    array_keys($parameters),
                    $parameters,
                );
                $cells = ["`{$measure->name()}`", self::answers($measure), Sentences::of($measure->is()), implode('; ', $said)];
                $text .= '| '.implode(' | ', $cells)." |\n";
            }
        }

        return $text;
    }

    /** @param list<string> $words */
    private static function type(AnswerType $type, array $words): string
    {
        return match (true) {
            $words !== [] && count($words) <= self::MOST_WORDS => __('one of :words', ['words' => implode(', ', $words)]),
            $words !== [] => __('one of :count words of the format', ['count' => count($words)]),
            default => $type->words(),
        };
    }
}
