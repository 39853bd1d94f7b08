<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Scheme;
use App\Models\SchemeEdit;
use Heurema\Layout\Layout;
use PHPUnit\Framework\Attributes\Group;

/**
 * What is done in quick succession over a slow line comes to the same document as the same done slowly: choosing, taking away, moving,
 * typing, placing, turning, hanging and undoing in any order, each answer up to 800 ms late.
 */
#[Group('proof')]
final class OrderTest extends BrowserTestCase
{
    private const SEED = 2026;
    private const SAMPLED = 8;
    private const ALL = 200;
    private const LATE = 800;
    private const ACTS = 6;

    /** Does what a person does, one after the other; each answer comes late, in whatever order. */
    private const PERSON = <<<'JS'
        const [acts, late, isSlow, done] = arguments;
        const page = document.getElementById('board');
        const wait = (mm) => new Promise((resolve) => setTimeout(resolve, mm));
        const quiet = async () => { do await wait(20); while ('busy' in page.dataset); };
        if (!window.straightFetch) window.straightFetch = window.fetch;
        const straight = window.straightFetch;
        window.fetch = async (...request) => {
            if (late > 0) await wait(Math.random() * late / 2);
            const answer = await straight(...request);
            if (late > 0) await wait(Math.random() * late / 2);
            return answer;
        };
        const sheet = document.getElementById('plan-sheet');
        const click = (target, at = {}) => target.dispatchEvent(new MouseEvent('click', { bubbles: true, ...at }));
        // the same place of the plan, wherever the plan has been moved to on the screen
        const plan = () => document.getElementById('plan').getScreenCTM();
        const box = sheet.getBoundingClientRect();
        const spot = new DOMPoint(box.x + box.width * 0.46, box.y + box.height * 0.52).matrixTransform(plan().inverse());
        const person = {
            choose: async (id) => { const drawn = document.querySelector(`#plan [data-subject="${id}"]`); if (drawn) click(drawn); },
            key: async (key) => sheet.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true })),
            // one types into what one sees: the fields of what was chosen
            type: async (width) => {
                for (let times = 0; times < 200; times += 1) {
                    const field = document.getElementById('field-width');
                    const { chosen } = document.getElementById('inspector').dataset;
                    if (chosen && chosen === document.querySelector('#plan .chosen')?.dataset.subject && field) {
                        field.value = width;
                        field.form.requestSubmit();
                        return;
                    }
                    if (!('busy' in page.dataset)) return;
                    await wait(20);
                }
            },
            place: async (kind) => {
                document.querySelector('[data-act="fixtures"]').click();
                const entry = () => document.querySelector(`#fixtures[open] [data-places="${kind}"][data-like=""]`);
                while (!entry()) await wait(20);
                entry().click();
                const { x, y } = spot.matrixTransform(plan());
                click(sheet, { clientX: x, clientY: y });
                await person.key('Escape');
            },
        };
        (async () => {
            for (const [act, value] of acts) {
                await person[act](value);
                if (isSlow) await quiet();
            }
            await quiet();
            done(document.getElementById('board-refusals').textContent);
        })();
        JS;

    public function test_quick_acts_come_to_what_slow_ones_do(): void
    {
        $this->signIn();
        $scheme = $this->openBoard();
        $address = $this->browser->getCurrentURL();
        $before = $scheme->layout;
        $this->browser->manage()->timeouts()->setScriptTimeout(60);
        mt_srand(self::SEED);
        $changed = 0;
        $count = getenv('HEUREMA_PROOF') === false ? self::SAMPLED : self::ALL;
        for ($number = 0; $number < $count; ++$number) {
            $acts = self::sequence($before);
            $slowly = $this->done($acts, $scheme, $before, $address, true);
            self::assertSame($slowly, $this->done($acts, $scheme, $before, $address, false), "{$number}: ".json_encode($acts));
            $changed += $slowly === json_encode($before->toArray()) ? 0 : 1;
        }
        self::assertGreaterThan($count / 2, $changed);
        $this->browser->manage()->getLog('browser');
    }

    /**
     * @param list<array{string, string}> $acts
     *
     * @return string the document that comes of them
     */
    private function done(array $acts, Scheme $scheme, Layout $before, string $address, bool $isSlow): string
    {
        SchemeEdit::query()->delete();
        $scheme->refresh()->update(['layout' => $before, 'version' => 1]);
        $this->browser->get($address);
        $this->waitFor('#board-checked[data-version="1"]');
        $this->browser->executeAsyncScript(self::PERSON, [$acts, $isSlow ? 0 : self::LATE, $isSlow]);

        return (string) json_encode($scheme->refresh()->layout->toArray());
    }

    /** @return list<array{string, string}> */
    private static function sequence(Layout $layout): array
    {
        $storey = $layout->storeys[0];
        $ids = [...array_column($storey->fixtures, 'id'), ...array_column($storey->openings, 'id')];
        $acts = [];
        while (count($acts) < self::ACTS) {
            $acts[] = match (mt_rand(0, 9)) {
                0, 1, 2 => ['choose', $ids[mt_rand(0, count($ids) - 1)]],
                3 => ['key', 'Delete'],
                4 => ['key', ['ArrowLeft', 'ArrowRight', 'ArrowUp'][mt_rand(0, 2)]],
                5 => ['key', 'u'],
                6 => ['key', ['t', 'h', 'o', 'm'][mt_rand(0, 3)]],
                7 => ['type', ['2\'-6"', '34"', 'nonsense'][mt_rand(0, 2)]],
                8 => ['place', ['chair', 'wardrobe'][mt_rand(0, 1)]],
                default => ['key', 'r'],
            };
            // what is taken away cannot be chosen
            if ($acts[count($acts) - 1][1] === 'Delete') {
                $taken = array_column(array_filter($acts, static fn(array $act): bool => $act[0] === 'choose'), 1);
                $ids = array_values(array_diff($ids, array_slice($taken, -1)));
            }
        }

        return $acts;
    }
}
