<?php

declare(strict_types=1);

namespace Tests\Feature;

use PhpParser\Node;
use PhpParser\Node\Arg;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** Nobody can mistake one of many values for another: what is made of more than six is given them by name. */
final class NamedArgumentsTest extends TestCase
{
    private const MOST = 6;

    public function test_no_more_than_six_values_are_told_apart_by_their_order(): void
    {
        $root = dirname(__DIR__, 2);
        $parser = (new ParserFactory())->createForNewestSupportedVersion();
        [$found, $made] = [[], 0];
        foreach ((new Finder())->files()->name('*.php')->in(["{$root}/app", "{$root}/core/src", "{$root}/database"]) as $file) {
            foreach ((new NodeFinder())->findInstanceOf($parser->parse($file->getContents()) ?? [], Node\Expr\New_::class) as $one) {
                ++$made;
                $isByOrder = static fn(Node $given): bool => $given instanceof Arg && $given->name === null && !$given->unpack;
                if (count(array_filter($one->args, $isByOrder)) > self::MOST) {
                    $found[] = "{$file->getRelativePathname()}:{$one->getStartLine()}";
                }
            }
        }
        self::assertSame([], $found);
        self::assertGreaterThan(1000, $made);
    }
}
