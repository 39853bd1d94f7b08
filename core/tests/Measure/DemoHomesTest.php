<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;

/** What every measure and every rule comes to on the homes of the demonstration, and where it is shown. */
final class DemoHomesTest extends KeptDigests
{
    public function test_measures_and_rules_come_to_what_they_did(): void
    {
        self::assertAsKept('demo-homes', ['measures' => self::measurements(self::homes()), 'rules' => self::findings()]);
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
            $outcome->margin === null ? null : self::rounded($outcome->margin),
            $outcome->topic,
            $outcome->parties,
            $finding->missedText(),
        ];
    }

    /** @return iterable<string, Home> */
    private static function homes(): iterable
    {
        $files = glob(dirname(__DIR__, 3).'/database/demo/*.json');
        foreach ($files === false ? [] : $files as $file) {
            yield basename($file, '.json') => new Home((new LayoutReader())->read((string) file_get_contents($file)));
        }
    }
}
