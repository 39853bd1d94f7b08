<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

/** Puts a STEP physical file together: entities one after the other, those that are alike once. */
final class StepText
{
    /** @var list<string> */
    private array $entities = [];

    /** @var array<string, int> numbers by what they say */
    private array $known = [];

    /**
     * An entity of its own.
     *
     * @param list<mixed> $values null: not given; numbers, texts, lists, references, enumerations, typed values
     */
    public function add(string $type, array $values): Reference
    {
        $this->entities[] = $type.self::written($values);

        return new Reference(count($this->entities));
    }

    /**
     * An entity that others may share.
     *
     * @param list<mixed> $values
     */
    public function share(string $type, array $values): Reference
    {
        $text = $type.self::written($values);
        if (!isset($this->known[$text])) {
            $this->known[$text] = $this->add($type, $values)->id;
        }

        return new Reference($this->known[$text]);
    }

    /** @param string $written when, as ISO 8601 has it */
    public function write(string $schema, string $name, string $written): string
    {
        $lines = '';
        foreach ($this->entities as $number => $entity) {
            $lines .= '#'.($number + 1)."={$entity};\n";
        }

        return "ISO-10303-21;\nHEADER;\nFILE_DESCRIPTION(('ViewDefinition [ReferenceView_V1.2]'),'2;1');\n"
            .'FILE_NAME('.self::value($name).','.self::value($written).",(''),(''),'Heurema','Heurema','');\n"
            ."FILE_SCHEMA(('{$schema}'));\nENDSEC;\nDATA;\n{$lines}ENDSEC;\nEND-ISO-10303-21;\n";
    }

    private static function value(mixed $value): string
    {
        return match (true) {
            $value === null => '$',
            $value instanceof Derived => '*',
            $value instanceof Reference => "#{$value->id}",
            $value instanceof Enumeration => ".{$value->word}.",
            $value instanceof Typed => $value->type.self::written([$value->value]),
            is_bool($value) => $value ? '.T.' : '.F.',
            is_int($value) => (string) $value,
            is_float($value) => self::number($value),
            is_array($value) => self::written(array_values($value)),
            is_string($value) => "'".Text::write($value)."'",
            default => throw new \LogicException('No STEP file holds such a value.'),
        };
    }

    /** @param list<mixed> $values */
    private static function written(array $values): string
    {
        return '('.implode(',', array_map(self::value(...), $values)).')';
    }

    /** To a hundred-thousandth of the unit, with the point that a real number must have. */
    private static function number(float $number): string
    {
        $text = rtrim(number_format($number, 6, '.', ''), '0');

        return $text === '-0.' ? '0.' : $text;
    }
}
