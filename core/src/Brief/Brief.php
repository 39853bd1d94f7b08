<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Language\Text;
use Heurema\Rulebook\PlainYaml;
use Heurema\Units\UnitSystem;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** A client's wishes, kept as they were typed, and the rule book that they make. */
final readonly class Brief
{
    public const ID = 'brief';

    /**
     * @param list<Wish> $wishes
     * @param string     $free   rules in the rule language, a YAML list
     */
    public function __construct(public array $wishes, public string $free = '') {}

    /**
     * @param list<string> $sentences
     *
     * @throws UnreadableWish
     */
    public static function of(array $sentences, string $free = ''): self
    {
        $reader = new WishReader();

        return new self(array_map($reader->read(...), $sentences), $free);
    }

    /** @return list<string> */
    public function sentences(): array
    {
        return array_map(static fn(Wish $wish): string => $wish->typed, $this->wishes);
    }

    public function isEmpty(): bool
    {
        return $this->wishes === [] && trim($this->free) === '';
    }

    /** In a few words, for the log: `3 bedrooms of 100 sq ft; a kitchen`. */
    public function words(): string
    {
        $free = trim($this->free) === '' ? [] : ['rules of its own '.substr(hash('xxh32', $this->free), 0, 6)];

        return $this->isEmpty() ? 'none' : implode('; ', [...$this->sentences(), ...$free]);
    }

    /**
     * The number of the wish that wishes what an earlier one does, and that of the earlier one; null: each is another.
     *
     * @return array{int, int}|null
     */
    public function repeated(): ?array
    {
        $seen = [];
        foreach ($this->wishes as $number => $wish) {
            foreach ($wish->told() as $rule) {
                if (isset($seen[$rule['id']])) {
                    return [$number, $seen[$rule['id']]];
                }
                $seen[$rule['id']] = $number;
            }
        }

        return null;
    }

    /**
     * As a rule book (YAML).
     *
     * @throws ParseException when the free rules are no YAML
     */
    public function book(UnitSystem $units): string
    {
        $rules = [];
        foreach ($this->wishes as $wish) {
            foreach ($wish->rules() as $rule) {
                // that there is one may be said by several
                $rules[$rule['id']] ??= $rule;
            }
        }
        $free = trim($this->free) === '' ? [] : PlainYaml::parse($this->free);

        return Yaml::dump(array_filter([
            'book' => self::ID, 'title' => Text::of('The client’s brief'), 'scope' => Text::of('This project'), 'units' => $units->value,
            'source' => Text::of('The client.'), 'building_tolerance' => '10 mm',
            'rules' => [...array_values($rules), ...(is_array($free) ? array_values($free) : [])],
        ], static fn(mixed $part): bool => $part !== []), 6);
    }
}
