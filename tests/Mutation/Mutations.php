<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Identifier;
use PhpParser\Node\Scalar;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\ParentConnectingVisitor;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;

/**
 * The small changes that can be made to a file: a comparison one step stricter or laxer or turned round, a number a little larger, a
 * condition negated or joined the other way, an answer that is another one.
 */
final class Mutations extends NodeVisitorAbstract
{
    private const COMPARISONS = [
        BinaryOp\Smaller::class => BinaryOp\SmallerOrEqual::class,
        BinaryOp\SmallerOrEqual::class => BinaryOp\Smaller::class,
        BinaryOp\Greater::class => BinaryOp\GreaterOrEqual::class,
        BinaryOp\GreaterOrEqual::class => BinaryOp\Greater::class,
        BinaryOp\Identical::class => BinaryOp\NotIdentical::class,
        BinaryOp\NotIdentical::class => BinaryOp\Identical::class,
        BinaryOp\BooleanAnd::class => BinaryOp\BooleanOr::class,
        BinaryOp\BooleanOr::class => BinaryOp\BooleanAnd::class,
    ];

    /** What is thrown says why, attributes say what for, interfaces what there is. */
    private const DECIDES_NOTHING = [
        Expr\Throw_::class, Node\AttributeGroup::class, Node\Stmt\Interface_::class, Node\Stmt\Declare_::class,
    ];

    /** Where what is exactly equal makes no difference: of the best so far, and of what a tolerance is added to. */
    private const TURNED = [
        BinaryOp\Smaller::class => BinaryOp\GreaterOrEqual::class,
        BinaryOp\SmallerOrEqual::class => BinaryOp\Greater::class,
        BinaryOp\Greater::class => BinaryOp\SmallerOrEqual::class,
        BinaryOp\GreaterOrEqual::class => BinaryOp\Smaller::class,
    ];

    /** Smaller numbers guard against rounding; nothing tells them apart from one a little larger. */
    private const LEAST = 1e-3;

    /** @var list<Mutant> */
    private array $found = [];

    private function __construct(private readonly string $file, private readonly string $code, private readonly Standard $printer) {}

    /** @return list<Mutant> */
    public static function of(string $file): array
    {
        $code = (string) file_get_contents($file);
        $mutations = new self($file, $code, new Standard());
        $traverser = new NodeTraverser(new ParentConnectingVisitor(), $mutations);
        $traverser->traverse((new ParserFactory())->createForHostVersion()->parse($code) ?? []);

        return $mutations->found;
    }

    public function enterNode(Node $node): ?int
    {
        if (in_array($node::class, self::DECIDES_NOTHING, true) || self::isStrictFlag($node)) {
            return NodeTraverser::DONT_TRAVERSE_CHILDREN;
        }
        foreach ($this->changes($node) as $changed) {
            $this->found[] = new Mutant(
                $this->file,
                $node->getStartLine(),
                $node->getEndLine(),
                substr($this->code, $node->getStartFilePos(), $node->getEndFilePos() + 1 - $node->getStartFilePos()),
                $changed,
                $node->getStartFilePos(),
                $node->getEndFilePos(),
            );
        }

        return null;
    }

    /** That values are looked for strictly is held by PHPStan. */
    private static function isStrictFlag(Node $argument): bool
    {
        $call = $argument->getAttribute('parent');

        return $call instanceof Expr\FuncCall
            && $call->name instanceof Node\Name
            && in_array($call->name->toString(), ['in_array', 'array_search'], true)
            && ($call->args[2] ?? null) === $argument;
    }

    /** @return list<string> */
    private function changes(Node $node): array
    {
        $isTurned = $node instanceof BinaryOp && (self::looksForTheBest($node) || self::isWithinTolerance($node));
        $others = [...self::COMPARISONS, ...$isTurned ? self::TURNED : []];
        $other = $node instanceof BinaryOp ? $others[$node::class] ?? null : null;

        return match (true) {
            $node instanceof BinaryOp && $other !== null => [$this->print(new $other($node->left, $node->right))],
            $node instanceof Expr\BooleanNot => [$this->print($node->expr)],
            $node instanceof Scalar\Int_ => [(string) ($node->value + 1)],
            $node instanceof Scalar\Float_ && ($node->value === 0.0 || abs($node->value) >= self::LEAST) => [self::float($node->value)],
            $node instanceof Expr\ConstFetch && in_array($node->name->toLowerString(), ['true', 'false'], true) => [
                $node->name->toLowerString() === 'true' ? 'false' : 'true',
            ],
            $node instanceof Node\Stmt\Return_ && $node->expr !== null => $this->returns($node, $node->expr),
            default => [],
        };
    }

    /** `$best === null || $one < $best`. */
    private static function looksForTheBest(BinaryOp $comparison): bool
    {
        $in = $comparison->getAttribute('parent');

        return $in instanceof BinaryOp\BooleanOr
            && $in->right === $comparison
            && $in->left instanceof BinaryOp\Identical
            && $in->left->right instanceof Expr\ConstFetch
            && $in->left->right->name->toLowerString() === 'null';
    }

    private static function isWithinTolerance(BinaryOp $comparison): bool
    {
        $isTolerance = static fn(Node $part): bool => $part instanceof Expr\ClassConstFetch
            && $part->class instanceof Node\Name
            && ($part->class->getLast() === 'Tolerance' || ($part->name instanceof Identifier && $part->name->toString() === 'TOUCH'));

        return (new NodeFinder())->findFirst([$comparison->left, $comparison->right], $isTolerance) !== null;
    }

    /** @return list<string> another answer of the same type */
    private function returns(Node\Stmt\Return_ $node, Expr $expr): array
    {
        $in = $node->getAttribute('parent');
        while ($in instanceof Node && !$in instanceof Node\FunctionLike) {
            $in = $in->getAttribute('parent');
        }
        $type = $in instanceof Node\FunctionLike ? $in->getReturnType() : null;
        $name = $type instanceof Identifier ? $type->toLowerString() : ($type instanceof Node\NullableType ? 'null' : '');
        $other = match ($name) {
            // a comparison is turned round where it stands
            'bool' => $expr instanceof BinaryOp || $expr instanceof Expr\BooleanNot || $expr instanceof Expr\ConstFetch
                ? null
                : '!('.$this->print($expr).')',
            'array' => $expr instanceof Expr\Array_ && $expr->items === [] ? null : '[]',
            'null' => $expr instanceof Expr\ConstFetch ? null : 'null',
            'float', 'int' => $expr instanceof Scalar ? null : '('.$this->print($expr).') + 1',
            default => null,
        };

        return $other === null ? [] : ["return {$other};"];
    }

    private static function float(float $value): string
    {
        return var_export($value === 0.0 ? 1.0 : $value * 1.05, true);
    }

    private function print(Expr $expr): string
    {
        return $this->printer->prettyPrintExpr($expr);
    }
}
