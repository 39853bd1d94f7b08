<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

use Heurema\Ifc\Step\Text as StepText;
use Heurema\Language\Text;

/** Reads the values of one entity: `('a',#12,$,.T.,(1.,2.5E-3),IFCLABEL('b'))`. What is not given (`$`) or derived (`*`) is null. */
final class ArgumentReader
{
    private const TOKEN = "~\\G(?:\\s++|/\\*.*?\\*/)*+(?:'((?:[^']++|'')*+)'|#(\\d++)|\\.(\\w++)\\.|([+-]?\\d[\\d.]*+(?:E[+-]?\\d++)?)"
        .'|([$*,()])|(\w++)|"([0-9A-F]*+)")~is';
    private const DEEPEST = 40;

    private int $at = 0;

    /** @param string $text from its first bracket on */
    public function __construct(private readonly string $text, private readonly int $entity) {}

    /**
     * @return list<mixed>
     *
     * @throws UnreadableFile
     */
    public function read(): array
    {
        $this->expect('(');

        return $this->list(1);
    }

    /** @return list<mixed> up to its closing bracket */
    private function list(int $depth): array
    {
        if ($depth > self::DEEPEST) {
            throw UnreadableFile::atEntity(
                $this->entity,
                Text::of('lists stand within lists more than {deepest} deep.', deepest: self::DEEPEST),
            );
        }
        $values = [];
        $token = $this->next();
        while (($token[5] ?? '') !== ')') {
            $values[] = $this->value($token, $depth);
            $token = $this->next();
            if (($token[5] ?? '') === ',') {
                $token = $this->next();
            } elseif (($token[5] ?? '') !== ')') {
                throw UnreadableFile::atEntity($this->entity, Text::of('expected a comma or a closing bracket.'));
            }
        }

        return $values;
    }

    /** @param array<int, string|null> $token */
    private function value(array $token, int $depth): mixed
    {
        return match (true) {
            isset($token[1]) => StepText::read($token[1]),
            isset($token[2]) => new Reference((int) $token[2]),
            isset($token[3]) => new Enumeration(strtoupper($token[3])),
            isset($token[4]) => (float) $token[4],
            ($token[5] ?? '') === '$', ($token[5] ?? '') === '*' => null,
            ($token[5] ?? '') === '(' => $this->list($depth + 1),
            isset($token[6]) => $this->typed(strtoupper($token[6]), $depth),
            isset($token[7]) => $token[7],
            default => throw UnreadableFile::atEntity($this->entity, Text::of('expected a value.')),
        };
    }

    private function typed(string $type, int $depth): Typed
    {
        $this->expect('(');
        $values = $this->list($depth + 1);

        return new Typed($type, $values[0] ?? null);
    }

    private function expect(string $sign): void
    {
        if (($this->next()[5] ?? '') !== $sign) {
            throw UnreadableFile::atEntity($this->entity, Text::of('expected {sign}.', sign: $sign));
        }
    }

    /** @return array<int, string|null> */
    private function next(): array
    {
        if (preg_match(self::TOKEN, $this->text, $token, PREG_UNMATCHED_AS_NULL, $this->at) !== 1) {
            throw UnreadableFile::atEntity($this->entity, Text::of('something that is no value stands in it.'));
        }
        $this->at += strlen($token[0]);

        return $token;
    }
}
