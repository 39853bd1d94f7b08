<?php

declare(strict_types=1);

namespace Heurema\Tests\Words;

use Heurema\Units\Amount;
use Heurema\Units\ImperialNotation;
use Heurema\Units\MetricNotation;
use Heurema\Words\Message;
use Heurema\Words\Wording;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr\StaticCall;
use PhpParser\Node\Identifier;
use PhpParser\Node\Name;
use PhpParser\Node\Scalar\String_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every message of the core has a sentence that says all its values, in the units of the home. */
final class WordingTest extends TestCase
{
    private const SRC = __DIR__.'/../../src';

    /** @return iterable<string, array{string, string, Message}> template, what is said, message */
    public static function sentences(): iterable
    {
        yield 'an amount' => ['Rise {rise}.', 'Rise 180 mm.', Message::of('key', rise: Amount::length(180))];
        yield 'a name, and a whole number' => ['{stair}: {count}', 'Stair: 3', Message::of('key', stair: 'Stair', count: 3)];
        yield 'decimals' => ['{angle:2}°', '37.46°', Message::of('key', angle: 37.456)];
        yield 'a list' => ['{all}', '1 mm, a, 2', Message::of('key', all: [Amount::length(1), 'a', 2])];
        yield 'a list with semicolons' => ['{all|;}', 'a; b', Message::of('key', all: ['a', 'b'])];
        yield 'a list with neither' => ['{all|space}', 'a b', Message::of('key', all: ['a', 'b'])];
        yield 'a capital' => ['{side|ucfirst}', 'Left', Message::of('key', side: 'left')];
        yield 'none' => ['{side|lcfirst}', 'left', Message::of('key', side: 'Left')];
        yield 'a sentence within another' => ['found: {what|clause}!', 'found: none is drawn!', Message::of('key', what: 'None is drawn.')];
        yield 'what is asked' => ['{limit|asked}', '4" (101.6 mm)', Message::of('key', limit: Amount::length(101.6))];
        yield 'what is asked and the same in both' => ['{limit|asked}', '10 %', Message::of('key', limit: Amount::ratio(0.1))];
        yield 'a brace that is no place' => ['{} { x }', '{} { x }', Message::of('key')];
    }

    #[DataProvider('sentences')]
    public function test_values_stand_in_the_sentence(string $template, string $expected, Message $message): void
    {
        self::assertSame($expected, (new Wording(new MetricNotation(), ['key' => $template], new ImperialNotation()))->say($message));
    }

    public function test_a_message_within_a_message_is_said_too(): void
    {
        $wording = new Wording(new MetricNotation(), ['outer' => 'So: {inner}', 'inner' => 'rise {rise}']);
        self::assertSame('So: rise 1 mm', $wording->say(Message::of('outer', inner: Message::of('inner', rise: Amount::length(1)))));
        self::assertSame(['rise 1 mm'], $wording->all([Message::of('inner', rise: Amount::length(1))]));
    }

    public function test_what_kept_reports_say_is_said_for_ever(): void
    {
        $kept = Message::of('stair.width.less_handrails_each', rails: 2, projection: Amount::length(88.9), width: Amount::length(722.2));
        self::assertSame('Less 2 handrails, 88.9 mm each: 722.2 mm.', Wording::english(new MetricNotation())->say($kept));
    }

    public function test_what_cannot_be_said_is_an_error_of_the_program(): void
    {
        $wording = new Wording(new MetricNotation(), ['known' => '{value}']);
        foreach ([Message::of('unknown'), Message::of('known')] as $message) {
            try {
                $wording->say($message);
                self::fail($message->key);
            } catch (\LogicException $e) {
                self::assertStringContainsString($message->key, $e->getMessage());
            }
        }
    }

    public function test_messages_are_the_same_when_no_measure_tells_them_apart(): void
    {
        $rise = static fn(float $mm): Message => Message::of('rise', rise: Amount::length($mm), of: ['a']);
        self::assertCount(1, Message::unique([$rise(180.0), $rise(180.0 + 1e-9)]));
        self::assertCount(2, Message::unique([$rise(180.0), $rise(180.00001)]));
        self::assertCount(2, Message::unique([$rise(180.0), Message::of('going', rise: Amount::length(180.0), of: ['a'])]));
    }

    public function test_every_message_has_its_sentence_and_every_sentence_its_message(): void
    {
        /** @var array<string, string> $english */
        $english = require self::SRC.'/Words/en.php';
        $asked = [];
        foreach (self::calls() as $where => $call) {
            foreach (self::keys($call) as $key) {
                self::assertArrayHasKey($key, $english, $where);
                preg_match_all('/\{(\w+)[:|}]/', $english[$key], $found);
                $given = array_map(static fn(Arg $arg): string => (string) $arg->name, array_slice($call->getArgs(), 1));
                self::assertEqualsCanonicalizing(array_unique($found[1]), $given, "{$where}: {$key}");
                $asked[$key] = true;
            }
        }
        self::assertSame([], array_keys(array_diff_key($english, $asked)), 'nobody says them');
        /** @var array<string, string> $past */
        $past = require self::SRC.'/Words/past.php';
        self::assertSame([], array_keys(array_intersect_key($english, $past)), 'a key is not used for another sentence');
    }

    /** @return iterable<string, StaticCall> all that make a message, by file and line */
    private static function calls(): iterable
    {
        $parser = (new ParserFactory())->createForHostVersion();
        $isMessage = static fn(object $node): bool => $node instanceof StaticCall && $node->class instanceof Name
            && in_array($node->class->getLast(), ['Message', 'self'], true)
            && $node->name instanceof Identifier
            && $node->name->name === 'of';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::SRC)) as $file) {
            if (
                !$file instanceof \SplFileInfo
                || $file->getExtension() !== 'php'
                || !str_contains((string) file_get_contents((string) $file), 'Message')
            ) {
                continue;
            }
            foreach ((new NodeFinder())->find((array) $parser->parse((string) file_get_contents((string) $file)), $isMessage) as $call) {
                if (
                    $call instanceof StaticCall
                    && ($call->class instanceof Name && $call->class->getLast() === 'Message' || $file->getBasename() === 'Message.php')
                ) {
                    yield "{$file->getBasename()}:{$call->getStartLine()}" => $call;
                }
            }
        }
    }

    /** @return list<string> */
    private static function keys(StaticCall $call): array
    {
        $key = $call->getArgs()[0]->value;

        // the readings of a tape that were misread are chosen from a list; what was said is kept under its own
        return match (true) {
            $key instanceof String_ => [$key->value],
            str_contains((string) json_encode($key), 'SAID') => ['words.said'],
            default => ['survey.tape_slip.nought_too_few', 'survey.tape_slip.nought_too_many', 'survey.tape_slip.inches'],
        };
    }
}
