<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Scheme;
use App\Sheets\SheetSet;

/** No text on a plan lies over another: all homes of the demonstration, all storeys, styles of dimensions, at four zooms and on paper. */
final class TextsOnPlansTest extends BrowserTestCase
{
    /**
     * The pairs of texts that overlap by more than the room that a font leaves over and under its letters; a room's lines are one text. And
     * how many are read, how many left away.
     */
    private const OVERLAPS = <<<'JS'
        const all = [...document.querySelectorAll(arguments[0])].filter((text) => !text.closest('.subject-mark, [hidden]'));
        const texts = all.map((text) => [text, text.getBoundingClientRect()])
            .filter(([text, box]) => box.width > 0 && getComputedStyle(text).visibility !== 'hidden');
        const found = [];
        texts.forEach(([one, a], number) => texts.slice(number + 1).forEach(([other, b]) => {
            const label = one.closest('.room-label');
            if (label !== null && label === other.closest('.room-label')) return;
            const wide = Math.min(a.right, b.right) - Math.max(a.left, b.left);
            const high = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
            if (wide > 1.5 && high > 4) found.push(`${one.textContent} ~ ${other.textContent}`);
        }));
        return [texts.length, found, all.filter((text) => text.classList.contains('crowded')).length];
        JS;

    /** Texts over lines of fixtures, and those of them without a ground of their own. */
    private const OVER_LINES = <<<'JS'
        const texts = [...document.querySelectorAll('.plan-sheet svg text')]
            .filter((text) => !text.closest('.subject-mark, [hidden]') && text.textContent !== '')
            .filter((text) => getComputedStyle(text).visibility !== 'hidden')
            .map((text) => [text, text.getBoundingClientRect()]).filter(([text, box]) => box.width > 0);
        const over = new Set();
        for (const line of document.querySelectorAll('.plan-sheet .fixture :is(path, circle, rect, ellipse)')) {
            const box = line.getBoundingClientRect();
            const near = texts.filter(([text, b]) => b.left < box.right && b.right > box.left && b.top < box.bottom && b.bottom > box.top);
            const m = line.getScreenCTM();
            const [length, step] = near.length === 0 ? [-1, 1] : [line.getTotalLength(), 1.5 / Math.hypot(m.a, m.b)];
            for (let at = 0; at <= length; at += step) {
                const p = line.getPointAtLength(at).matrixTransform(m);
                for (const [text, b] of near)
                    if (p.x > b.left + 1.5 && p.x < b.right - 1.5 && p.y > b.top + 3 && p.y < b.bottom - 3) over.add(text);
            }
        }
        const bare = [...over].filter((text) => {
            const style = getComputedStyle(text);
            return !style.paintOrder.startsWith('stroke') || parseFloat(style.strokeWidth) < 3 || style.stroke === 'none';
        });
        return [texts.length, [...over].map((text) => text.textContent), bare.map((text) => text.textContent)];
        JS;

    private const STYLES = [
        'usual' => ['outside' => 'overall', 'inside' => false, 'marks' => 'openings'],
        'all dimensions' => ['outside' => 'chain', 'inside' => true, 'marks' => 'openings'],
        'in tiers, large, with levels' => ['outside' => 'tiers', 'text' => 'large', 'ends' => 'arrows', 'hidden' => []],
        'running' => ['outside' => 'running', 'units' => 'm', 'decimals' => '2', 'suffix' => true, 'ends' => 'dots'],
        'from one base line' => ['outside' => 'base'],
    ];

    /** So small a share of the texts is left away at most while the whole plan is in sight: none of the usual ones. */
    private const LEFT_AWAY = ['usual' => 0.0, 'all dimensions' => 0.04];
    private const LEFT_AWAY_OF_MORE = 0.25;

    /** Keys that zoom, one after the other. */
    private const ZOOMS = ['+', '++', '-----', '-'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    protected function tearDown(): void
    {
        Chrome::size($this->browser, 1280, 800);
        parent::tearDown();
    }

    public function test_none_lies_over_another(): void
    {
        $read = 0;
        foreach (Scheme::query()->get() as $scheme) {
            foreach (self::STYLES as $name => $style) {
                $scheme->update(['dimensions' => $style]);
                $read += $this->assertClear($scheme, $name, self::LEFT_AWAY[$name] ?? self::LEFT_AWAY_OF_MORE);
            }
        }
        self::assertGreaterThan(1900, $read, 'texts were there to be read');
    }

    public function test_hardly_any_lies_over_lines_of_fixtures(): void
    {
        [$read, $over] = [0, []];
        foreach (Scheme::query()->get() as $scheme) {
            foreach ($scheme->layout->storeys as $storey) {
                $this->board($scheme, $storey->id);
                $this->settle();
                /** @var array{int, list<string>, list<string>} $result */
                $result = $this->browser->executeScript(self::OVER_LINES);
                self::assertSame([], $result[2], "{$scheme->layout->name}, {$storey->name}: each has a ground of its own");
                $read += $result[0];
                array_push($over, ...$result[1]);
            }
        }
        self::assertGreaterThan(200, $read);
        self::assertLessThanOrEqual(0.02 * $read, count($over), implode(', ', $over));
    }

    public function test_none_on_sheets(): void
    {
        $read = 0;
        foreach (Scheme::query()->with('project')->get() as $scheme) {
            foreach (array_slice(self::STYLES, 0, 2) as $style) {
                $scheme->update(['dimensions' => $style]);
                $read += $this->assertSheetsClear($scheme);
            }
            foreach (['A3', 'Tabloid'] as $paper) {
                $this->visit("/schemes/{$scheme->id}/sheet?format=svg&paper={$paper}&storey={$scheme->layout->storeys[0]->id}");
                $read += $this->assertNone('text', "{$scheme->layout->name}, {$paper}", 0.0);
            }
        }
        self::assertGreaterThan(1900, $read, 'texts were there to be read');
    }

    public function test_none_at_other_zooms_and_on_a_phone(): void
    {
        foreach (Scheme::query()->get() as $scheme) {
            $scheme->update(['dimensions' => self::STYLES['all dimensions']]);
            $this->board($scheme, $scheme->layout->storeys[0]->id);
            foreach (self::ZOOMS as $zoom) {
                $this->browser->executeScript("document.getElementById('plan-sheet').focus()");
                array_map(fn(string $key) => $this->press($key), str_split($zoom));
                $this->settle();
                $this->assertNone('.plan-sheet svg text', "{$scheme->layout->name}, {$zoom}", 1.0);
            }
        }
        Chrome::size($this->browser, 390, 844, true);
        foreach (Scheme::query()->get() as $scheme) {
            $this->board($scheme, $scheme->layout->storeys[0]->id);
            $this->settle();
            $this->assertNone('.plan-sheet svg text', "{$scheme->layout->name}, on a phone", 1.0);
        }
    }

    /** @return int how many texts were read */
    private function assertClear(Scheme $scheme, string $style, float $leftAway): int
    {
        $read = 0;
        foreach ($scheme->layout->storeys as $storey) {
            $this->board($scheme, $storey->id);
            $this->settle();
            $read += $this->assertNone('.plan-sheet svg text', "{$scheme->layout->name}, {$storey->name}, {$style}", $leftAway);
        }

        return $read;
    }

    private function board(Scheme $scheme, string $storey): void
    {
        $this->visit("/schemes/{$scheme->id}/board?storey={$storey}");
        $this->waitFor("#plan[data-storey=\"{$storey}\"] .room-label");
        $this->waitFor('#board-checked');
    }

    /** Until texts that lie over others are left away. */
    private function settle(): void
    {
        usleep(300_000);
    }

    /** @return int how many texts were read */
    private function assertSheetsClear(Scheme $scheme): int
    {
        $read = 0;
        for ($number = 0; $number < count(SheetSet::of($scheme->sheets, $scheme->layout)->sheets); ++$number) {
            $this->visit("/schemes/{$scheme->id}/sheets/{$number}.svg");
            $read += $this->assertNone('text', "{$scheme->layout->name}, sheet {$number}", 0.0);
        }

        return $read;
    }

    /**
     * @param float $leftAway at most this share of them is
     *
     * @return int how many texts were read
     */
    private function assertNone(string $texts, string $where, float $leftAway): int
    {
        /** @var array{int, list<string>, int} $result */
        $result = $this->browser->executeScript(self::OVERLAPS, [$texts]);
        [$read, $found, $away] = $result;
        self::assertSame([], $found, $where);
        self::assertLessThanOrEqual($leftAway * ($read + $away), $away, "{$where}: {$away} of ".($read + $away).' texts are left away');

        return $read;
    }
}
