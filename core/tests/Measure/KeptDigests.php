<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Geometry\Point;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Units\Amount;
use PHPUnit\Framework\TestCase;

/**
 * What things come to, as a digest each, held against those that were kept: a change of the code that was not meant to change any shows
 * which it did. Where one was meant, look at what differs and write the digests anew:
 *
 *     HEUREMA_WRITE=1 vendor/bin/phpunit core/tests/Measure/DemoHomesTest.php
 */
abstract class KeptDigests extends TestCase
{
    /** Decimals of a value that count: what differs less differs by the machine. */
    private const DECIMALS = 2;

    /** @param array<string, iterable<string, list<mixed>>> $entries what things come to, by their name */
    protected static function assertAsKept(string $file, array $entries): void
    {
        $found = array_map(self::digests(...), $entries);
        $path = __DIR__."/{$file}.json";
        if (getenv('HEUREMA_WRITE') !== false) {
            file_put_contents($path, json_encode($found, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES)."\n");
        }
        self::assertSame(json_decode((string) file_get_contents($path), true, 8, JSON_THROW_ON_ERROR), $found);
    }

    /**
     * @param iterable<string, Home> $homes
     *
     * @return iterable<string, list<mixed>> by measure
     */
    protected static function measurements(iterable $homes): iterable
    {
        foreach ($homes as $name => $home) {
            foreach (Catalogue::standard()->all() as $measure) {
                foreach ($home->subjects($measure->subject()) as $subject) {
                    yield $measure->name() => [
                        $name,
                        $subject->id(),
                        ...self::said($measure->of($subject, $home, new Parameters()), $home),
                    ];
                }
            }
        }
    }

    /**
     * By every book.
     *
     * @param iterable<string, Home> $homes
     *
     * @return iterable<string, list<mixed>> by rule
     */
    protected static function findings(iterable $homes): iterable
    {
        $books = [];
        foreach (new \DirectoryIterator(dirname(__DIR__, 2).'/rulebooks') as $file) {
            if ($file->getExtension() === 'yaml') {
                $books[$file->getBasename()] = (new RuleBookReader(Catalogue::standard()))->readFile($file->getPathname());
            }
        }
        ksort($books);
        foreach ($homes as $name => $home) {
            $report = (new Examiner(Catalogue::standard()))->examine($home, array_values($books));
            foreach ($report->findings as $finding) {
                yield $finding->ruleName() => [$name, $finding->subject->id(), ...self::found($finding)];
            }
            yield 'the worst first' => [
                $name,
                array_map(static fn(Finding $finding): string => $finding->fingerprint(), array_slice($report->worstFirst(), 0, 40)),
            ];
        }
    }

    private static function rounded(float $number): float
    {
        return round($number, self::DECIMALS) + 0.0;
    }

    private static function value(Amount|bool|string $value): float|bool|string
    {
        return $value instanceof Amount ? self::rounded($value->number) : $value;
    }

    /** @return list<mixed> */
    private static function said(Measurement $measurement, Home $home): array
    {
        return match (true) {
            $measurement instanceof Measured => [
                self::value($measurement->value),
                array_map(self::shown(...), $measurement->witness),
                $home->wording()->all($measurement->working),
                array_values(array_unique($home->wording()->all($measurement->assumptions))),
            ],
            $measurement instanceof Unknown => ['unknown', $measurement->missing],
            default => ['not applicable'],
        };
    }

    /** @return list<mixed> */
    private static function found(Finding $finding): array
    {
        $outcome = $finding->outcome;

        return [
            $outcome->verdict->value,
            $outcome->measured === null ? null : self::value($outcome->measured),
            $outcome->limit === null ? null : self::value($outcome->limit),
            $outcome->missing,
            $finding->reason(),
            $finding->working(),
            $finding->assumptions(),
            $outcome->slim,
            $outcome->margin === null ? null : self::rounded($outcome->margin),
            $outcome->topic,
            $outcome->parties,
            $finding->missedText(),
            array_map(self::shown(...), $outcome->witness),
        ];
    }

    /** @return list<mixed> */
    private static function shown(Witness $witness): array
    {
        return [$witness->type, $witness->storey, array_map(self::places(...), $witness->lines())];
    }

    /**
     * @param list<Point> $line
     *
     * @return list<array{float, float}>
     */
    private static function places(array $line): array
    {
        return array_map(static fn(Point $point): array => [self::rounded($point->x), self::rounded($point->y)], $line);
    }

    /**
     * @param iterable<string, list<mixed>> $entries
     *
     * @return array<string, string>
     */
    private static function digests(iterable $entries): array
    {
        $written = [];
        foreach ($entries as $key => $entry) {
            $written[$key] = ($written[$key] ?? '').json_encode($entry, JSON_THROW_ON_ERROR)."\n";
        }
        ksort($written);

        return array_map(static fn(string $text): string => substr_count($text, "\n").' '.hash('xxh64', $text), $written);
    }
}
