<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use Heurema\Tests\FurnishedPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * However a home is drawn, every rule of every book finds the same: the same verdicts, and amounts within 0.2 mm and 5 cm².
 *
 * The suite tries a sample that its seed chooses; `bin/proof` all: 200 made homes, the homes of the
 * demonstration, 24 angles. There the variable HEUREMA_PROOF says which part of how many parts is tried, as `1/2`.
 */
#[Group('proof')]
final class MetamorphicTest extends TestCase
{
    private const SEED = 2026;
    private const SAMPLED_HOMES = 12;
    private const ALL_HOMES = 200;

    /** Of the verdicts so many may stand so near their limits that rounding coordinates decides. */
    private const AT_LIMIT = 0.001;

    /** @return iterable<string, array{string, list<float>}> a file or the seed of a made home, and angles in degrees */
    public static function homes(): iterable
    {
        $part = getenv('HEUREMA_PROOF');
        mt_srand(self::SEED);
        $files = self::files();
        $made = $part === false
            ? array_map(static fn(): string => (string) mt_rand(1, self::ALL_HOMES), range(1, self::SAMPLED_HOMES))
            : array_map(strval(...), range(1, self::ALL_HOMES));
        [$number, $of] = $part === false ? [0, 1] : array_map(intval(...), explode('/', $part));
        foreach ([...$files, ...$made] as $i => $home) {
            $angles = $part === false
                ? [round(mt_rand(1, 3599) / 10, 1)]
                : array_map(static fn(int $k): float => 15.0 * $k + [1.0, 8.3, 0.0, 22.7][$k % 4], range(0, 23));
            if ($i % $of === $number % $of) {
                yield basename($home, '.json')." at {$angles[0]} degrees" => [$home, $angles];
            }
        }
    }

    /** @param list<float> $angles */
    #[DataProvider('homes')]
    public function test_findings_do_not_depend_on_how_a_home_is_drawn(string $home, array $angles): void
    {
        $document = is_numeric($home) ? FurnishedPlan::document((int) $home) : self::read($home);
        $findings = new SameFindings($document);
        $differences = [];
        foreach (Redrawings::of($document, $angles) as $redrawn) {
            foreach ($findings->differences(
                $redrawn->document,
                $redrawn->name(...),
                $redrawn->rounding,
                $redrawn->sameWalls,
                $redrawn->isMirrored,
            ) as $difference) {
                $differences[] = "{$redrawn->says}: {$difference}";
            }
        }
        self::assertSame([], $differences);
        self::assertLessThanOrEqual(self::AT_LIMIT * $findings->compared, $findings->atLimit, 'verdicts decided by rounding');
    }

    /** @return list<string> */
    private static function files(): array
    {
        $files = glob(__DIR__.'/../../../database/demo/*.json');

        return $files === false ? [] : $files;
    }

    /** @return array<string, mixed> */
    private static function read(string $file): array
    {
        /** @var array<string, mixed> $document it is a layout */
        $document = json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR);

        return $document;
    }
}
