<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measure;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;

/** Reads one rule of a rule book. */
final readonly class RuleReader
{
    private const KEYS = [
        'id', 'clause', 'title', 'subject', 'when', 'measure', 'with', ...self::LIMITS, 'all', 'any', 'exists', 'every', 'prefer', 'unless',
        'why', 'source', 'note', 'examples', 'advice', 'certainty',
    ];
    public const LIMITS = ['at_least', 'at_most', 'more_than', 'less_than', 'between', 'is', 'one_of', 'none'];
    private const MOST_ROWS = 500;
    private const VERDICTS = ['met', 'violated', 'advised', 'undetermined', 'not_applicable'];
    private const RELATIONS = [
        'windows' => SubjectType::Window,
        'doors' => SubjectType::Door,
        'fixtures' => SubjectType::Fixture,
        'rooms' => SubjectType::Room,
    ];

    public function __construct(private Vocabulary $vocabulary) {}

    /** @throws UnreadableRuleBook */
    public function read(LayeredRule $layered): Rule
    {
        $entry = $layered->entry;
        $entry->allow(self::KEYS);
        $subject = SubjectType::tryFrom($entry->text('subject'))
            ?? throw $entry->refuse(Text::of('there is no subject "{subject}"', subject: $entry->text('subject')));

        return new Rule(
            id: $entry->text('id'),
            clause: $entry->text('clause'),
            title: $entry->text('title'),
            subject: $subject,
            when: $this->condition($entry, 'when'),
            requirement: $this->requirement($entry, $subject),
            prefer: array_map(fn(Mapping $prefer): Preference => $this->preference($prefer, $entry, $subject), $entry->entries('prefer')),
            unless: array_map($this->exemption(...), $entry->entries('unless')),
            why: $entry->text('why'),
            source: $entry->text('source'),
            note: $entry->optionalText('note'),
            examples: array_map($this->example(...), $entry->entries('examples')),
            layer: $layered->layer,
            off: $layered->off,
            isAdvice: $entry->has('advice') && $entry->scalar('advice') === true,
            isDoubtful: $this->isDoubtful($entry),
        );
    }

    private function isDoubtful(Mapping $entry): bool
    {
        if ($entry->has('certainty') && ($entry->text('certainty') !== 'doubtful' || !$entry->has('note'))) {
            throw $entry->refuse(Text::of('"certainty" is doubtful, with a note of what differs, or left out'));
        }

        return $entry->has('certainty');
    }

    private function requirement(Mapping $entry, SubjectType $subject): Comparison|Between|WordRequirement|AllOf|AnyOf|Existence
    {
        if ($entry->has('measure')) {
            return $this->limited($entry, $entry, $subject);
        }
        $needs = array_map(
            fn(Mapping $need): Comparison|WordRequirement|AnyOf => $this->anyOf($need, $subject) ?? $this->need($need, $subject),
            $entry->entries('all'),
        );
        if ($needs !== []) {
            return new AllOf($needs);
        }
        $any = $this->anyOf($entry, $subject);
        if ($any !== null) {
            return $any;
        }
        foreach (['exists' => false, 'every' => true] as $key => $every) {
            $kinds = array_map($this->candidates(...), $entry->entries($key));
            if ($every && array_filter($kinds, static fn(Candidates $kind): bool => $kind->needs === []) !== []) {
                throw $entry->refuse(Text::of('"every" needs something'));
            }
            if ($kinds !== []) {
                return new Existence($every, $kinds);
            }
        }

        throw $entry->refuse(Text::of('expected a measure with a limit, all, any, exists or every'));
    }

    /** @param Mapping $limits where the limit stands; the measure may stand elsewhere */
    private function limited(Mapping $entry, Mapping $limits, SubjectType $subject): Comparison|Between|WordRequirement
    {
        $name = $entry->text('measure');
        $measure = $this->vocabulary->measure($name) ?? throw $entry->refuse(Text::of('there is no measure "{measure}"', measure: $name));
        if ($measure->subject() !== $subject) {
            throw $entry->refuse(Text::of('{measure} is not measured on a {subject}', measure: $name, subject: $subject->value));
        }
        $named = array_values(array_filter(self::LIMITS, $limits->has(...)));
        if (count($named) !== 1) {
            throw $entry->refuse(Text::of('expected one of {list}', list: implode(', ', self::LIMITS)));
        }
        $with = ParameterReader::read($entry, $measure);

        return match ($named[0]) {
            'is', 'one_of' => $this->saying($limits, $named[0], $measure, $with),
            'between' => $this->between($limits, $measure, $with),
            'none' => $this->none($limits, $measure, $with),
            default => new Comparison($name, $with, Bound::from($named[0]), $this->limit($limits, $named[0], $measure)),
        };
    }

    private function saying(Mapping $limits, string $key, Measure $measure, Parameters $with): WordRequirement
    {
        $wanted = $key === 'is' ? [$limits->scalar('is')] : $limits->texts('one_of');
        $wanted = array_map(static fn(bool|float|int|string $word): bool|string => is_bool($word) ? $word : (string) $word, $wanted);
        $fits = $measure->answer() === AnswerType::YesNo
            ? array_filter($wanted, is_bool(...)) === $wanted
            : $measure->answer() === AnswerType::Word && array_filter($wanted, is_string(...)) === $wanted;

        if ($wanted === [] || !$fits) {
            throw $limits->refuse(Text::of('"{key}" does not fit {measure}', key: $key, measure: $measure->name()));
        }
        foreach (array_filter($wanted, is_string(...)) as $word) {
            try {
                KnownWords::check($word, $measure->words()[Measure::ANSWER] ?? [], $measure->name());
            } catch (UnreadableExpression $e) {
                throw $limits->refuse("{$key}: {$e->getMessage()}");
            }
        }

        return new WordRequirement($measure->name(), $with, $wanted);
    }

    private function between(Mapping $limits, Measure $measure, Parameters $with): Between
    {
        $range = $limits->get('between');
        $range->allow(['low', 'high']);

        [$low, $high] = [$this->limit($range, 'low', $measure), $this->limit($range, 'high', $measure)];
        [$least, $most] = [Figure::read($low->text()), Figure::read($high->text())];
        if ($least !== null && $most !== null && !$least->amount->isAtMost($most->amount)) {
            throw $limits->refuse(
                Text::of('between: low is {low}, which is more than high, {high}', low: $low->text(), high: $high->text()),
            );
        }

        return new Between(
            new Comparison($measure->name(), $with, Bound::AtLeast, $low),
            new Comparison($measure->name(), $with, Bound::AtMost, $high),
        );
    }

    private function none(Mapping $limits, Measure $measure, Parameters $with): Comparison
    {
        if ($limits->scalar('none') !== true || $measure->answer() !== AnswerType::Count) {
            throw $limits->refuse(Text::of('"none: true" is for what is counted, {measure} is not', measure: $measure->name()));
        }

        return new Comparison($measure->name(), $with, Bound::AtMost, Expression::read('0', $this->vocabulary));
    }

    private function limit(Mapping $limits, string $key, Measure $measure): Limit
    {
        $limit = $limits->isMapping($key) ? $this->table($limits->get($key)) : $this->expression($limits, $key);

        if ($limit->answer() !== $measure->answer()) {
            throw $limits->refuse(Text::of('the limit "{limit}" does not fit {measure}', limit: $limit->text(), measure: $measure->name()));
        }
        $constant = $limit instanceof Expression ? $limit->constant() : null;
        if ($constant !== null && ($constant->number < 0 || !is_finite($constant->number))) {
            throw $limits->refuse(Text::of('{key}: "{limit}" is below nothing, or without end', key: $key, limit: $limit->text()));
        }

        return $limit;
    }

    private function table(Mapping $entry): Table
    {
        $entry->allow(['by', 'match', 'rows']);
        $by = $this->expression($entry, 'by');
        $match = TableMatch::tryFrom($entry->text('match')) ?? throw $entry->refuse(Text::of('"match" is from, up_to or exactly'));
        $rows = [];
        foreach ($entry->pairs('rows') as [$key, $value]) {
            $rows[] = [$this->figure($entry, $key), $this->figure($entry, $value)];
        }
        if ($rows === [] || count($rows) > self::MOST_ROWS) {
            throw $entry->refuse(Text::of('a table has 1 to {most} rows', most: self::MOST_ROWS));
        }
        foreach ($rows as $number => [$key, $value]) {
            if (AnswerType::ofQuantity($key->quantity) !== $by->answer() || $value->quantity !== $rows[0][1]->quantity) {
                throw $entry->refuse(Text::of('the rows of the table do not fit what it goes by, or one another'));
            }
            if ($number > 0 && $key->isAtMost($rows[$number - 1][0])) {
                throw $entry->refuse(Text::of('the rows of a table ascend'));
            }
        }

        return new Table($by, $match, $rows);
    }

    private function figure(Mapping $entry, string $text): Amount
    {
        return Figure::read($text)->amount ?? throw $entry->refuse(Text::of('"{text}" is no amount with a unit', text: $text));
    }

    private function preference(Mapping $prefer, Mapping $rule, SubjectType $subject): Preference
    {
        $prefer->allow(['at_least', 'at_most', 'more_than', 'less_than', 'when', 'source']);
        $comparison = $this->limited($rule, $prefer, $subject);
        if (!$comparison instanceof Comparison) {
            throw $prefer->refuse(Text::of('what is preferred is at_least or at_most'));
        }

        return new Preference($comparison, $this->condition($prefer, 'when'), $prefer->text('source'));
    }

    /** @throws UnreadableRuleBook */
    public function exemption(Mapping $entry): Exemption
    {
        $entry->allow(['name', 'when']);

        return new Exemption($entry->text('name'), $this->condition($entry, 'when') ?? throw $entry->refuse(Text::of('"when" is missing')));
    }

    private function anyOf(Mapping $entry, SubjectType $subject): ?AnyOf
    {
        $alternatives = array_map(
            fn(Mapping $alternative): Alternative => $this->alternative($alternative, $subject),
            $entry->entries('any'),
        );

        return $alternatives === [] ? null : new AnyOf($alternatives);
    }

    private function alternative(Mapping $entry, SubjectType $subject): Alternative
    {
        $entry->allow(['name', 'needs']);
        $needs = array_map(fn(Mapping $need): Comparison|WordRequirement => $this->need($need, $subject), $entry->entries('needs'));

        return $needs === [] ? throw $entry->refuse(Text::of('"needs" is missing')) : new Alternative($entry->text('name'), $needs);
    }

    private function candidates(Mapping $entry): Candidates
    {
        $entry->allow(['among', 'where', 'needs']);
        $subject = self::RELATIONS[$entry->text('among')] ?? throw $entry->refuse(Text::of('"among" is windows, doors, fixtures or rooms'));

        return new Candidates(
            $entry->text('among'),
            $this->condition($entry, 'where'),
            array_map(fn(Mapping $need): Comparison|WordRequirement => $this->need($need, $subject), $entry->entries('needs')),
        );
    }

    private function need(Mapping $entry, SubjectType $subject): Comparison|WordRequirement
    {
        $entry->allow(['measure', 'with', ...self::LIMITS]);
        $need = $this->limited($entry, $entry, $subject);

        return $need instanceof Between
            ? throw $entry->refuse(Text::of('a need has one limit; put the two of a range beside each other'))
            : $need;
    }

    private function example(Mapping $entry): Example
    {
        $entry->allow(['says', 'facts', ...array_keys(self::RELATIONS), 'settings', 'verdict']);
        $verdict = $entry->text('verdict');
        if (!in_array($verdict, self::VERDICTS, true)) {
            throw $entry->refuse(Text::of('"{word}" is no verdict', word: $verdict));
        }
        $related = [];
        foreach (array_keys(self::RELATIONS) as $relation) {
            $related[$relation] = array_map(static fn(Mapping $facts): array => $facts->scalars(), $entry->entries($relation));
        }

        return new Example(
            $entry->text('says'),
            $entry->optional('facts')?->scalars() ?? [],
            $related,
            $entry->optional('settings')?->scalars() ?? [],
            $verdict,
        );
    }

    private function condition(Mapping $entry, string $key): ?Expression
    {
        if (!$entry->has($key)) {
            return null;
        }
        $expression = $this->expression($entry, $key);

        return $expression->answer() === AnswerType::YesNo
            ? $expression
            : throw $entry->refuse(Text::of('"{key}" is a condition, "{text}" is none', key: $key, text: $expression->text()));
    }

    private function expression(Mapping $entry, string $key): Expression
    {
        try {
            return Expression::read($entry->text($key), $this->vocabulary);
        } catch (UnreadableExpression $e) {
            throw $entry->refuse("{$key}: {$e->getMessage()}");
        }
    }
}
