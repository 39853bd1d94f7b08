<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Scheme;
use App\Sheets\SheetSet;

/** No text on a plan lies over another: all homes of the demonstration, all their storeys, with few and with all dimensions. */
final class TextsOnPlansTest extends BrowserTestCase
{
    /** The pairs of texts that overlap by more than the room that a font leaves over and under its letters; a room's lines are one text. */
    private const OVERLAPS = <<<'JS'
        const texts = [...document.querySelectorAll(arguments[0])].map((text) => [text, text.getBoundingClientRect()])
            .filter(([text, box]) => box.width > 0 && !text.closest('.subject-mark') && !text.closest('[hidden]'));
        const found = [];
        texts.forEach(([one, a], number) => texts.slice(number + 1).forEach(([other, b]) => {
            const label = one.closest('.room-label');
            if (label !== null && label === other.closest('.room-label')) return;
            const wide = Math.min(a.right, b.right) - Math.max(a.left, b.left);
            const high = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
            if (wide > 1.5 && high > 4) found.push(`${one.textContent} ~ ${other.textContent}`);
        }));
        return [texts.length, found];
        JS;

    private const STYLES = [
        'usual' => ['outside' => 'overall', 'inside' => false, 'marks' => 'openings'],
        'all dimensions' => ['outside' => 'chain', 'inside' => true, 'marks' => 'openings'],
    ];

    public function test_none_lies_over_another(): void
    {
        $this->signIn();
        $read = 0;
        foreach (Scheme::query()->get() as $scheme) {
            foreach (self::STYLES as $name => $style) {
                $scheme->update(['dimensions' => $style]);
                $read += $this->assertClear($scheme, $name);
            }
        }
        foreach (Scheme::query()->with('project')->get() as $scheme) {
            $read += $this->assertSheetsClear($scheme);
        }
        self::assertGreaterThan(1000, $read, 'texts were there to be read');
    }

    /** @return int how many texts were read */
    private function assertClear(Scheme $scheme, string $style): int
    {
        $read = 0;
        foreach ($scheme->layout->storeys as $storey) {
            $this->visit("/schemes/{$scheme->id}/board?storey={$storey->id}");
            $this->waitFor("#plan[data-storey=\"{$storey->id}\"] .room-label");
            $this->waitFor('#board-checked');
            /** @var array{int, list<string>} $result */
            $result = $this->browser->executeScript(self::OVERLAPS, ['.plan-sheet svg text']);
            [$count, $found] = $result;
            self::assertSame([], $found, "{$scheme->layout->name}, {$storey->name}, {$style}");
            $read += $count;
        }

        return $read;
    }

    /** @return int how many texts were read */
    private function assertSheetsClear(Scheme $scheme): int
    {
        $read = 0;
        for ($number = 0; $number < count(SheetSet::of($scheme->sheets, $scheme->layout)->sheets); ++$number) {
            $this->visit("/schemes/{$scheme->id}/sheets/{$number}.svg");
            /** @var array{int, list<string>} $result */
            $result = $this->browser->executeScript(self::OVERLAPS, ['text']);
            self::assertSame([], $result[1], "{$scheme->layout->name}, sheet {$number}");
            $read += $result[0];
        }

        return $read;
    }
}
