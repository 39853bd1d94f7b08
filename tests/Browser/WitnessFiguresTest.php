<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Project;

/**
 * Every finding that wants looking at, of every home of the demonstration, is chosen: it comes into view, and its figures stand clear of
 * walls, of each other and of the drawn dimensions, as it is shown at first, nearer, and with all of the plan in sight.
 */
final class WitnessFiguresTest extends BrowserTestCase
{
    /** What figures lie over; a font leaves some room over and under its letters. */
    private const COVERED = <<<'JS'
        const seen = (element) => element.closest('[hidden], .crowded') === null;
        const svg = document.querySelector('#witness');
        const figures = [...svg.querySelectorAll('.witness-figure text')].filter(seen);
        const wall = document.querySelector('#plan .wall');
        const lines = [...document.querySelectorAll('#plan .layer-dimensions .dimension-line')].filter(seen);
        const corners = (text) => {
            const box = text.getBBox();
            const points = [];
            for (const x of [0.02, 0.25, 0.5, 0.75, 0.98]) for (const y of [0.25, 0.5, 0.75])
                points.push(new DOMPoint(box.x + x * box.width, box.y + y * box.height).matrixTransform(text.getScreenCTM()));
            return points;
        };
        const over = [];
        for (const [number, text] of figures.entries()) {
            const points = corners(text);
            const inverse = wall.getScreenCTM().inverse();
            if (points.some((point) => wall.isPointInFill(point.matrixTransform(inverse)))) over.push(`${text.textContent} on a wall`);
            const box = text.getBoundingClientRect();
            for (const other of figures.slice(number + 1)) {
                const b = other.getBoundingClientRect();
                const wide = Math.min(box.right, b.right) - Math.max(box.left, b.left);
                const high = Math.min(box.bottom, b.bottom) - Math.max(box.top, b.top);
                if (wide > 1.5 && high > 4) over.push(`${text.textContent} on ${other.textContent}`);
            }
            for (const line of lines) {
                const m = line.getScreenCTM();
                const length = line.getTotalLength();
                for (let at = 0; at <= length; at += 2 / m.a) {
                    const p = line.getPointAtLength(at).matrixTransform(m);
                    const isIn = p.x > box.left + 2 && p.x < box.right - 2 && p.y > box.top + 4 && p.y < box.bottom - 4;
                    if (isIn && points.length > 0) { over.push(`${text.textContent} on a dimension`); break; }
                }
            }
        }
        const drawn = svg.querySelector('.witness')?.getBoundingClientRect() ?? null;
        const sheet = document.getElementById('plan-sheet').getBoundingClientRect();
        const isAcross = drawn !== null && drawn.left < sheet.right && drawn.right > sheet.left;
        const inView = isAcross && drawn.top < sheet.bottom && drawn.bottom > sheet.top;
        return [figures.length, [...new Set(over)], inView];
        JS;

    public function test_figures_stand_clear_of_all_else(): void
    {
        $this->signIn();
        [$figures, $chosen] = [0, 0];
        foreach (Project::query()->with('latestRevision')->get() as $project) {
            $revision = $project->latestRevision;
            self::assertNotNull($revision);
            $this->visit("/revisions/{$revision->id}");
            $this->waitFor('#finding-list');
            /** @var list<string> $keys */
            $keys = $this->browser->executeScript('return [...document.querySelectorAll(".row-link")].map((row) => row.dataset.finding)');
            foreach ($keys as $key) {
                $this->browser->executeScript("document.querySelector('[data-finding=\"' + arguments[0] + '\"].row-link').click()", [$key]);
                $this->waitFor("#evidence[data-finding=\"{$key}\"]");
                $figures += $this->assertClear("{$revision->layout->name}, {$key}");
                ++$chosen;
            }
        }
        self::assertGreaterThan(60, $chosen);
        self::assertGreaterThan(60, $figures);
    }

    /** @return int how many figures there are */
    private function assertClear(string $where): int
    {
        usleep(250_000);
        $count = 0;
        foreach (['', '+', '0'] as $zoom) {
            if ($zoom !== '') {
                $this->press($zoom);
            }
            /** @var array{int, list<string>, bool} $result */
            $result = $this->browser->executeScript(self::COVERED);
            [$count, $over, $isInView] = $result;
            self::assertSame([], $over, "{$where}, after '{$zoom}'");
            self::assertTrue($isInView || $zoom !== '', "{$where} is in view");
        }

        return $count;
    }
}
