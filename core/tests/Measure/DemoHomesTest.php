<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Tests\WithoutKey;
use Heurema\Units\Amount;
use PHPUnit\Framework\TestCase;

/**
 * What every measure and every rule comes to on the homes of the demonstration, as a digest each: a change of the code that was not meant
 * to change any shows which it did. Where one was meant, look at what differs and write the digests anew:
 *
 *     HEUREMA_WRITE=1 vendor/bin/phpunit core/tests/Measure/DemoHomesTest.php
 */
final class DemoHomesTest extends TestCase
{
    private const FILE = __DIR__.'/demo-homes.json';

    /** Decimals of a value that count: what differs less differs by the machine. */
    private const DECIMALS = 2;

    private const NOT_SAID_OF = ['orchard-terrace'];

    public function test_measures_and_rules_come_to_what_they_did(): void
    {
        $found = ['measures' => self::digests(self::measurements()), 'rules' => self::digests(self::findings())];
        if (getenv('HEUREMA_WRITE') !== false) {
            file_put_contents(self::FILE, json_encode($found, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES)."\n");
        }
        $kept = json_decode((string) file_get_contents(self::FILE), true, 8, JSON_THROW_ON_ERROR);
        self::assertSame($kept, $found);
    }

    /** @return iterable<string, list<mixed>> by measure */
    private static function measurements(): iterable
    {
        foreach ([...iterator_to_array(self::homes()), ...iterator_to_array(self::unsaid())] as $name => $home) {
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

    /** @return list<mixed> */
    private static function said(Measurement $measurement, Home $home): array
    {
        return match (true) {
            $measurement instanceof Measured => [
                self::value($measurement->value),
                count($measurement->witness),
                $home->wording()->all($measurement->working),
                array_values(array_unique($home->wording()->all($measurement->assumptions))),
            ],
            $measurement instanceof Unknown => ['unknown', $measurement->missing],
            default => ['not applicable'],
        };
    }

    /** @return iterable<string, list<mixed>> by rule */
    private static function findings(): iterable
    {
        $books = [];
        foreach (new \DirectoryIterator(dirname(__DIR__, 2).'/rulebooks') as $file) {
            if ($file->getExtension() === 'yaml') {
                $books[$file->getBasename()] = (new RuleBookReader(Catalogue::standard()))->readFile($file->getPathname());
            }
        }
        ksort($books);
        foreach (self::homes() as $name => $home) {
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
            $outcome->margin === null ? null : round($outcome->margin, self::DECIMALS) + 0.0,
            $outcome->topic,
            $outcome->parties,
            $finding->missedText(),
        ];
    }

    private static function value(Amount|bool|string $value): float|bool|string
    {
        return $value instanceof Amount ? round($value->number, self::DECIMALS) + 0.0 : $value;
    }

    /** @return iterable<string, Home> */
    private static function homes(): iterable
    {
        $files = glob(dirname(__DIR__, 3).'/database/demo/*.json');
        foreach ($files === false ? [] : $files as $file) {
            yield basename($file, '.json') => new Home((new LayoutReader())->read((string) file_get_contents($file)));
        }
    }

    /** @return iterable<string, Home> homes of which one key after the other is not said of any element */
    private static function unsaid(): iterable
    {
        foreach (self::NOT_SAID_OF as $name) {
            $json = (string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$name}.json");
            preg_match_all('/"([a-z_]+)":/', $json, $found);
            foreach (array_unique($found[1]) as $key) {
                $layout = WithoutKey::read($json, $key);
                if ($layout !== null) {
                    yield "{$name} without {$key}" => new Home($layout);
                }
            }
        }
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
