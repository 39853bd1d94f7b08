<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A book that asks of new work only, where the office says so. */
final class ExistingWorkTest extends TestCase
{
    private const STATUSES = ['wall', 'door', 'window', 'fixture', 'stair', 'ramp'];
    private const REASON = 'Asked of new work only, this stands already: R102.7.1, additions and alterations do not make the existing '
        .'structure comply';
    private const TAKEN = 'What stands already is held against the code like new work.';

    public function test_nothing_is_asked_of_what_stands_already(): void
    {
        $asked = 0;
        foreach (self::findings('existing', ['existing_stays' => true]) as $finding) {
            if (in_array($finding->subject->type()->value, self::STATUSES, true) && $finding->rule->off === null) {
                self::assertSame(Verdict::NotApplicable, $finding->verdict(), $finding->fingerprint());
                self::assertSame(self::REASON, $finding->reason());
                ++$asked;
            }
        }
        self::assertGreaterThan(20, $asked);
    }

    /** @return iterable<string, array{string, array<string, bool>}> */
    public static function asked(): iterable
    {
        yield 'new work, where the existing stays' => ['new', ['existing_stays' => true]];
        yield 'new work' => ['new', []];
        yield 'existing work, where nobody said that it stays' => ['existing', []];
    }

    /** @param array<string, bool> $settings */
    #[DataProvider('asked')]
    public function test_all_else_is_asked_as_ever(string $status, array $settings): void
    {
        self::assertSame(self::verdicts(self::findings('new', [])), self::verdicts(self::findings($status, $settings)));
    }

    public function test_what_was_taken_is_said_of_existing_things_alone(): void
    {
        foreach (['existing' => true, 'new' => false] as $status => $isSaid) {
            $isDoor = static fn(Finding $one): bool => $one->subject->type() === SubjectType::Door;
            $doors = array_filter(self::findings($status, []), $isDoor);
            $said = array_filter($doors, static fn(Finding $one): bool => in_array(self::TAKEN, $one->assumptions(), true));
            self::assertCount($isSaid ? count($doors) : 0, $said, $status);
        }
    }

    /** A book laid over another one keeps what that says of existing work. */
    public function test_an_amendment_keeps_it(): void
    {
        $amended = (new RuleBookReader(Catalogue::standard()))->read(
            "book: over\ntitle: Over\nscope: Homes\nunits: imperial\nsource: made up\nbuilding_tolerance: 3/8 in\namends: us-irc-2021\n",
            __DIR__.'/../../rulebooks/over.yaml',
        );
        self::assertSame('settings.existing_stays', $amended->existing?->when->text());
    }

    /**
     * @param array<string, bool> $settings
     *
     * @return list<Finding>
     */
    private static function findings(string $status, array $settings): array
    {
        $home = Sketch::room(4000, 3000, 'bathroom')
            ->door('w1', 1000, 700, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left', 'status' => $status])
            ->window('w3', 1000, 600, 900, ['operation' => 'casement', 'sill' => 300, 'status' => $status])
            ->fixture('f', 'water_closet', 3700, 3000, 270, 380, 680, ['status' => $status])
            ->stair(['parts' => [['flight' => ['risers' => 13, 'tread' => 240]]], 'start' => [500, 200], 'status' => $status]);

        return array_values(array_filter(
            (new Examiner(Catalogue::standard()))->examine($home->home(), [self::book()], $settings)->findings,
            static fn(Finding $finding): bool => $finding->subject->type() !== SubjectType::Wall,
        ));
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<string>
     */
    private static function verdicts(array $findings): array
    {
        return array_map(static fn(Finding $finding): string => "{$finding->fingerprint()} {$finding->verdict()->value}", $findings);
    }

    private static function book(): RuleBook
    {
        return (new RuleBookReader(Catalogue::standard()))->readFile(__DIR__.'/../../rulebooks/us-irc-2021.yaml');
    }
}
