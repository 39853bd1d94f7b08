<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Measure\Answer;
use Heurema\Measure\Parameters;
use Heurema\Spatial\SubjectType;
use Heurema\Units\Amount;

/** Reads one rule of a rule book. */
final readonly class RuleReader
{
    private const KEYS = [
        'id', 'clause', 'title', 'subject', 'when', 'measure', 'with', 'at_least', 'at_most', 'exists', 'prefer', 'unless',
        'why', 'source', 'note', 'examples',
    ];
    private const VERDICTS = ['met', 'violated', 'advised', 'undetermined', 'not_applicable'];
    private const RELATIONS = ['windows' => SubjectType::Window, 'doors' => SubjectType::Door];

    public function __construct(private Vocabulary $vocabulary) {}

    /** @throws UnreadableRuleBook */
    public function read(Entry $entry): Rule
    {
        $entry->allow(self::KEYS);
        $subject = SubjectType::tryFrom($entry->text('subject')) ?? throw $entry->refuse("there is no subject \"{$entry->text('subject')}\"");

        return new Rule(
            $entry->text('id'),
            $entry->text('clause'),
            $entry->text('title'),
            $subject,
            $this->condition($entry, 'when'),
            $this->requirement($entry, $subject),
            array_map(fn(Entry $prefer): Preference => $this->preference($prefer, $entry, $subject), $entry->entries('prefer')),
            array_map($this->exemption(...), $entry->entries('unless')),
            $entry->text('why'),
            $entry->text('source'),
            $entry->optionalText('note'),
            array_map($this->example(...), $entry->entries('examples')),
        );
    }

    /** @return Comparison|list<Candidates> */
    private function requirement(Entry $entry, SubjectType $subject): Comparison|array
    {
        if ($entry->has('measure')) {
            return $this->comparison($entry, $entry, $subject);
        }
        $candidates = array_map($this->candidates(...), $entry->entries('exists'));

        return $candidates === [] ? throw $entry->refuse('expected a measure with a limit, or exists') : $candidates;
    }

    /** @param Entry $limits where the limit stands; the measure may stand elsewhere */
    private function comparison(Entry $entry, Entry $limits, SubjectType $subject): Comparison
    {
        $name = $entry->text('measure');
        $measure = $this->vocabulary->measure($name) ?? throw $entry->refuse("there is no measure \"{$name}\"");
        if ($measure->subject() !== $subject) {
            throw $entry->refuse("{$name} is not measured on a {$subject->value}");
        }
        $bounds = array_values(array_filter(Bound::cases(), static fn(Bound $bound): bool => $limits->has($bound->value)));
        if (count($bounds) !== 1) {
            throw $entry->refuse('expected at_least or at_most');
        }
        $limit = $this->expression($limits, $bounds[0]->value);
        if ($limit->answer !== $measure->answer()) {
            throw $entry->refuse("the limit \"{$limit->text}\" does not fit {$name}");
        }

        return new Comparison($name, $this->parameters($entry, $measure->parameters()), $bounds[0], $limit);
    }

    /** @param array<string, Answer> $known */
    private function parameters(Entry $entry, array $known): Parameters
    {
        $with = $entry->optional('with');
        $values = [];
        foreach ($with?->keys() ?? [] as $name) {
            $kind = $known[$name] ?? throw $entry->refuse("the measure takes no \"{$name}\"");
            $values[$name] = $kind === Answer::Word ? $entry->get('with')->text($name) : $this->parameter($entry, $name, $kind);
        }

        return new Parameters($values);
    }

    private function parameter(Entry $entry, string $name, Answer $kind): Amount
    {
        $amount = $entry->get('with')->figure($name);

        return Answer::ofQuantity($amount->quantity) === $kind ? $amount : throw $entry->refuse("\"{$name}\" is a ".strtolower($kind->name));
    }

    private function preference(Entry $prefer, Entry $rule, SubjectType $subject): Preference
    {
        $prefer->allow(['at_least', 'at_most', 'when', 'source']);

        return new Preference($this->comparison($rule, $prefer, $subject), $this->condition($prefer, 'when'), $prefer->text('source'));
    }

    private function exemption(Entry $entry): Exemption
    {
        $entry->allow(['name', 'when']);

        return new Exemption($entry->text('name'), $this->condition($entry, 'when') ?? throw $entry->refuse('"when" is missing'));
    }

    private function candidates(Entry $entry): Candidates
    {
        $entry->allow(['among', 'where', 'needs']);
        $subject = self::RELATIONS[$entry->text('among')] ?? throw $entry->refuse('"among" is windows or doors');

        return new Candidates(
            $entry->text('among'),
            $this->condition($entry, 'where'),
            array_map(fn(Entry $need): Comparison => $this->comparison($need, $need, $subject), $entry->entries('needs')),
        );
    }

    private function example(Entry $entry): Example
    {
        $entry->allow(['says', 'facts', 'windows', 'doors', 'settings', 'verdict']);
        $verdict = $entry->text('verdict');
        if (!in_array($verdict, self::VERDICTS, true)) {
            throw $entry->refuse("\"{$verdict}\" is no verdict");
        }
        $related = [];
        foreach (array_keys(self::RELATIONS) as $relation) {
            $related[$relation] = array_map(static fn(Entry $facts): array => $facts->scalars(), $entry->entries($relation));
        }

        return new Example(
            $entry->text('says'),
            $entry->optional('facts')?->scalars() ?? [],
            $related,
            $entry->optional('settings')?->scalars() ?? [],
            $verdict,
        );
    }

    private function condition(Entry $entry, string $key): ?Expression
    {
        if (!$entry->has($key)) {
            return null;
        }
        $expression = $this->expression($entry, $key);

        return $expression->answer === Answer::YesNo ? $expression : throw $entry->refuse("\"{$key}\" is a condition, \"{$expression->text}\" is none");
    }

    private function expression(Entry $entry, string $key): Expression
    {
        try {
            return Expression::read($entry->text($key), $this->vocabulary);
        } catch (UnreadableExpression $e) {
            throw $entry->refuse("{$key}: {$e->getMessage()}");
        }
    }
}
