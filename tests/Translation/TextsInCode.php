<?php

declare(strict_types=1);

namespace Tests\Translation;

use App\Translation\Sentence;
use App\Translation\Template;
use PhpParser\Node;
use PhpParser\Node\ArrayItem;
use PhpParser\Node\Attribute;
use PhpParser\Node\AttributeGroup;
use PhpParser\Node\Expr\Array_;
use PhpParser\Node\Expr\BinaryOp\Concat;
use PhpParser\Node\Expr\CallLike;
use PhpParser\Node\Expr\FuncCall;
use PhpParser\Node\Expr\Match_;
use PhpParser\Node\Expr\StaticCall;
use PhpParser\Node\Expr\Ternary;
use PhpParser\Node\Identifier;
use PhpParser\Node\MatchArm;
use PhpParser\Node\Name;
use PhpParser\Node\Scalar\String_;
use PhpParser\Node\Stmt\ClassConst;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/** All texts that the code holds to be translated: of templates, of the application and of the core. */
final class TextsInCode
{
    private const ROOT = __DIR__.'/../..';

    /** @return list<string> of templates and of the application */
    public static function ofPages(): array
    {
        $texts = [];
        foreach (self::files('resources/views') as $template) {
            preg_match_all('/(?:__|trans_choice)\((\'(?:[^\'\\\\]|\\\\.)*\')/', $template, $literals);
            array_push(
                $texts,
                ...(new Template($template))->texts(),
                ...array_map(static fn(string $literal): string => stripslashes(substr($literal, 1, -1)), $literals[1]),
            );
        }
        foreach ([...self::files('app'), ...self::files('routes')] as $code) {
            array_push($texts, ...self::said($code, static fn(Node $call): bool => $call instanceof FuncCall
                && $call->name instanceof Name
                && in_array($call->name->getLast(), ['__', 'trans_choice'], true)), ...self::tables($code));
        }

        return array_values(array_unique($texts));
    }

    /** @return list<string> */
    public static function ofCore(): array
    {
        $texts = [];
        foreach (self::files('core/src') as $code) {
            array_push($texts, ...self::said($code, static fn(Node $call): bool => $call instanceof StaticCall
                && $call->class instanceof Name
                && $call->class->getLast() === 'Text'
                && $call->name instanceof Identifier
                && $call->name->name === 'of'), ...self::tables($code));
        }
        foreach (self::files('core/src/Layout') as $code) {
            preg_match_all("/#\[Key\(.*?label: '([^']+)'/", $code, $labels);
            array_push($texts, ...$labels[1]);
        }
        array_push($texts, ...WordsOfDocuments::all());

        return array_values(array_unique($texts));
    }

    /** @return list<string> of constants whose texts are looked up where they are shown */
    private static function tables(string $code): array
    {
        $texts = [];
        $finder = new NodeFinder();
        $parsed = (array) (new ParserFactory())->createForHostVersion()->parse($code);
        foreach ($finder->findInstanceOf($parsed, ClassConst::class) as $constant) {
            $attributes = array_merge(...array_map(static fn(AttributeGroup $group): array => $group->attrs, $constant->attrGroups));
            if (array_filter($attributes, static fn(Attribute $one): bool => $one->name->getLast() === 'Texts') === []) {
                continue;
            }
            foreach ($constant->consts as $const) {
                array_push($texts, ...self::values($const->value));
            }
        }

        // names of measures stand beside them
        return array_values(array_filter(
            $texts,
            static fn(string $text): bool => Sentence::isText($text) && preg_match('/^\w+\.\w+$/', $text) !== 1,
        ));
    }

    /** @return list<string> */
    private static function values(Node $node): array
    {
        return match (true) {
            $node instanceof String_ => [$node->value],
            $node instanceof Array_ => array_merge(...array_map(
                static fn(?ArrayItem $item): array => $item === null ? [] : self::values($item->value),
                $node->items,
            )),
            default => [],
        };
    }

    /**
     * @param callable(Node): bool $isCall
     *
     * @return list<string>
     */
    private static function said(string $code, callable $isCall): array
    {
        $texts = [];
        foreach ((new NodeFinder())->find((array) (new ParserFactory())->createForHostVersion()->parse($code), $isCall) as $call) {
            array_push($texts, ...$call instanceof CallLike ? self::literals($call->getArgs()[0]->value ?? null) : []);
        }

        return $texts;
    }

    /** @return list<string> all that an expression can come to; none where a table or a variable says it */
    private static function literals(?Node $node): array
    {
        return match (true) {
            $node instanceof String_ => [$node->value],
            $node instanceof Concat => self::products(self::literals($node->left), self::literals($node->right)),
            $node instanceof Ternary => [...self::literals($node->if), ...self::literals($node->else)],
            $node instanceof Match_ => array_merge(
                ...array_map(static fn(MatchArm $arm): array => self::literals($arm->body), $node->arms),
            ),
            default => [],
        };
    }

    /**
     * @param list<string> $first
     * @param list<string> $second
     *
     * @return list<string>
     */
    private static function products(array $first, array $second): array
    {
        return array_merge(...array_map(
            static fn(string $one): array => array_map(static fn(string $other): string => $one.$other, $second),
            $first,
        ));
    }

    /** @return list<string> what stands in them */
    private static function files(string $folder): array
    {
        $files = [];
        $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT."/{$folder}", \FilesystemIterator::SKIP_DOTS));
        foreach ($all as $file) {
            $files[] = $file instanceof \SplFileInfo ? (string) file_get_contents($file->getPathname()) : '';
        }

        return $files;
    }
}
