<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use PHPUnit\Framework\Attributes\DataProvider;

/** Every limit of a book tried a little on the wrong side of it, on it, and a little on the right side. */
abstract class BookLimits extends BookProof
{
    protected const LEAST = 'at least';
    protected const MOST = 'at most';

    /** What counts as a little: less than any unit people build by. */
    private const LITTLE = [
        'in' => 0.01, 'ft' => 0.001, 'mm' => 0.2, 'm' => 0.0002, 'sq ft' => 0.01, 'm2' => 0.001, '%' => 0.01, 'deg' => 0.01, '' => 1.0,
    ];

    /**
     * The published place, then rule, measure, limit, its unit, which side, other facts, settings, related things. A measure of related
     * fixtures is `windows: window.clear_area`.
     *
     * @return iterable<string, array{
     *     0: string,
     *     1: string,
     *     2: float|int,
     *     3: string,
     *     4: string,
     *     5?: array<string, string|bool|float|int>,
     *     6?: array<string, string|bool|float|int>,
     *     7?: array<string, list<array<string, string|bool|float|int>>>,
     * }>
     */
    abstract public static function limits(): iterable;

    /**
     * @param array<string, string|bool|float|int>                      $facts
     * @param array<string, string|bool|float|int>                      $settings
     * @param array<string, list<array<string, string|bool|float|int>>> $related
     */
    #[DataProvider('limits')]
    public function test_limit(
        string $rule,
        string $measure,
        float|int $limit,
        string $unit,
        string $bound,
        array $facts = [],
        array $settings = [],
        array $related = [],
    ): void {
        $wrong = $bound === self::LEAST ? -self::LITTLE[$unit] : self::LITTLE[$unit];
        $missed = self::isAdvice($rule) ? 'advised' : 'violated';
        self::assertSame([$missed, true, true], [
            self::try($rule, $measure, $limit + $wrong, $unit, $facts, $settings, $related),
            in_array(
                self::try($rule, $measure, $limit, $unit, $facts, $settings, $related),
                self::isAdvice($rule) ? ['met'] : ['met', 'advised'],
                true,
            ),
            in_array(
                self::try($rule, $measure, $limit - $wrong, $unit, $facts, $settings, $related),
                self::isAdvice($rule) ? ['met'] : ['met', 'advised'],
                true,
            ),
        ]);
    }

    /**
     * @param array<string, string|bool|float|int>                      $facts
     * @param array<string, string|bool|float|int>                      $settings
     * @param array<string, list<array<string, string|bool|float|int>>> $related
     */
    private static function try(
        string $rule,
        string $measure,
        float $value,
        string $unit,
        array $facts,
        array $settings,
        array $related,
    ): string {
        $stated = trim(number_format($value, 6, '.', '')." {$unit}");
        if (str_contains($measure, ': ')) {
            [$relation, $measure] = explode(': ', $measure);
            $related[$relation] = array_map(
                static fn(array $fixture): array => [...$fixture, $measure => $stated],
                $related[$relation] ?? [[]],
            );
        } else {
            $facts[$measure] = $stated;
        }

        return self::verdict($rule, $facts, $settings, $related);
    }
}
