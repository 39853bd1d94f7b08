<?php

declare(strict_types=1);

namespace App\Pages;

use App\Drawing\ExampleFigure;
use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Review\RuleCheck;
use Heurema\Review\Verdict;
use Heurema\Rulebook\AllOf;
use Heurema\Rulebook\Alternative;
use Heurema\Rulebook\AnyOf;
use Heurema\Rulebook\Between;
use Heurema\Rulebook\Candidates;
use Heurema\Rulebook\Comparison;
use Heurema\Rulebook\Example;
use Heurema\Rulebook\ExampleFacts;
use Heurema\Rulebook\Existence;
use Heurema\Rulebook\Language\Speech;
use Heurema\Rulebook\Rule;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\WordRequirement;

/** A rule book to be read: its rules by what they are about, each in words, those that a search finds. */
final readonly class RuleBookPage
{
    #[Texts]
    private const PARTS = [
        'dwelling' => 'The home', 'storey' => 'Storeys', 'room' => 'Rooms', 'space' => 'Spaces', 'wall' => 'Walls', 'door' => 'Doors',
        'window' => 'Windows',
        'fixture' => 'Fixtures and furniture', 'stair' => 'Stairs', 'ramp' => 'Ramps', 'soffit' => 'Soffits and beams', 'guard' => 'Guards',
        'survey' => 'Distances taped on site',
    ];

    /** @param string $search what the rules are to speak of; empty: all */
    public function __construct(public RuleBook $book, public string $search) {}

    /** @return array<string, list<Rule>> the rules that are found, by what they are about */
    public function parts(): array
    {
        $parts = [];
        foreach (array_filter($this->book->rules, $this->isFound(...)) as $rule) {
            $parts[__(self::PARTS[$rule->subject->value])][] = $rule;
        }

        return $parts;
    }

    /** Are all subjects open? Where something is searched for, or there is little to fold. */
    public function isOpen(): bool
    {
        return $this->search !== '' || count($this->parts()) === 1;
    }

    /** @return list<string> what the rule has to know of a drawing */
    public function neededFacts(Rule $rule): array
    {
        return NeededFacts::of($rule);
    }

    /** Which amendment decided what the rule says; null: the book itself. */
    public function amendedBy(Rule $rule): ?string
    {
        return $rule->layer === $this->book->id ? null : $rule->layer;
    }

    /** What it wants, as one would say it. */
    public function wants(Rule $rule): string
    {
        $requirement = $rule->requirement;

        return match (true) {
            $requirement instanceof Comparison => $this->comparison($requirement),
            $requirement instanceof Between => __(':low between :text and :text2', [
                'low' => Text::capital($requirement->low->words()),
                'text' => $requirement->low->limit->text(),
                'text2' => $requirement->high->limit->text(),
            ]),
            $requirement instanceof WordRequirement => $this->saying($requirement),
            $requirement instanceof AllOf => Text::capital($this->needs($requirement->needs)),
            $requirement instanceof AnyOf => $this->alternatives($requirement),
            $requirement instanceof Existence => ($requirement->every
                ? __('Every one of its ')
                : __('One of its ')).$requirement->words().': '
                .implode(__('; or '), array_map($this->kind(...), $requirement->kinds)),
        };
    }

    /** The facts of an example in a few words. */
    public function facts(Example $example): string
    {
        $all = array_filter(
            [$example->facts, ...array_merge(...array_values($example->related))],
            static fn(array $facts): bool => $facts !== [],
        );

        return $all === [] ? __('nothing is known') : implode('; ', array_map(self::said(...), $all));
    }

    /** @param array<string, string|bool|float|int> $facts */
    private static function said(array $facts): string
    {
        $said = [];
        foreach ($facts as $name => $value) {
            $words = array_map(Text::word(...), explode('.', $name));
            $said[] = implode(' ', $words).' '.(is_bool($value) ? Speech::word($value) : Text::word((string) $value));
        }

        return implode(', ', $said);
    }

    public function verdict(Example $example): Verdict
    {
        return Verdict::from($example->verdict);
    }

    /** The example as a small plan. */
    public function figure(Rule $rule, Example $example): string
    {
        $outcome = (new RuleCheck($this->book))->check($rule, ExampleFacts::of($example, $this->book->vocabulary));

        return (new ExampleFigure($this->book, $rule->subject, $example, $outcome))->draw();
    }

    private function comparison(Comparison $comparison): string
    {
        return Text::capital($comparison->words())." {$comparison->bound->words()} {$comparison->limit->text()}";
    }

    private function saying(WordRequirement $saying): string
    {
        return Text::capital(Text::word(substr((string) strstr($saying->measure, '.'), 1))).": {$saying->words()}";
    }

    private function kind(Candidates $kind): string
    {
        $needs = $this->needs($kind->needs);
        $where = $kind->where === null ? [] : [__('where :text', ['text' => $kind->where->text()])];

        return implode(', ', $needs === '' ? $where : [...$where, $needs]);
    }

    private function alternatives(AnyOf $any): string
    {
        return __('One of these: :alternatives', [
            'alternatives' => implode('; ', array_map(
                fn(Alternative $way): string => "{$way->name}: {$this->needs($way->needs)}",
                $any->alternatives,
            )),
        ]);
    }

    /** @param list<Comparison|WordRequirement|AnyOf> $needs */
    private function needs(array $needs): string
    {
        return implode(', ', array_map(fn(Comparison|WordRequirement|AnyOf $need): string => Text::small(match (true) {
            $need instanceof AnyOf => $this->alternatives($need),
            $need instanceof WordRequirement => $this->saying($need),
            $need instanceof Comparison => $this->comparison($need),
        }), $needs));
    }

    private function isFound(Rule $rule): bool
    {
        return $this->search === ''
            || mb_stripos(
                "{$rule->clause} {$rule->id} {$rule->title} {$rule->why} {$rule->note} {$this->wants($rule)}",
                $this->search,
            ) !== false;
    }
}
