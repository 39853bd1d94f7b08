<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Symfony\Component\ExpressionLanguage\Node\ConstantNode;
use Symfony\Component\ExpressionLanguage\Node\GetAttrNode;
use Symfony\Component\ExpressionLanguage\Node\NameNode;
use Symfony\Component\ExpressionLanguage\Node\Node;

/** Looks into the nodes of a parsed expression. */
final class ExpressionTree
{
    public static function part(Node $node, string $name): Node
    {
        $part = $node->nodes[$name] ?? null;

        return $part instanceof Node ? $part : throw new \LogicException("An expression without its {$name}.");
    }

    public static function text(Node $node, string $attribute): string
    {
        $value = $node->attributes[$attribute] ?? null;

        return is_string($value) ? $value : '';
    }

    /**
     * The dotted name that an attribute access spells.
     *
     * @throws UnreadableExpression
     */
    public static function path(GetAttrNode $node): string
    {
        $holder = self::part($node, 'node');
        $key = self::part($node, 'attribute');
        if (
            ($node->attributes['type'] ?? null) !== GetAttrNode::PROPERTY_CALL
            || !$holder instanceof NameNode
            || !$key instanceof ConstantNode
        ) {
            throw new UnreadableExpression(Text::of('expected a measure such as room.use'));
        }

        return self::text($holder, 'name').'.'.self::text($key, 'value');
    }

    /** @return list<string> the words of a list */
    public static function words(Node $list): array
    {
        $words = [];
        foreach (array_chunk($list->nodes, 2) as $pair) {
            $word = $pair[1] ?? null;
            $words[] = $word instanceof ConstantNode
                ? self::text($word, 'value')
                : throw new UnreadableExpression(Text::of('expected a list of words'));
        }

        return $words;
    }
}
