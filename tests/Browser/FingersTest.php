<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Scheme;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Heurema\Units\UnitSystem;

/** The board on a tablet: two fingers, a finger that rests, keys for lengths. */
final class FingersTest extends BrowserTestCase
{
    /** Chromium tells of touch on the kind of page alone where one touched first: each test has a browser of its own. */
    protected function setUp(): void
    {
        Chrome::end();
        parent::setUp();
        Chrome::size($this->browser, 1024, 768, true);
        $this->tools('Emulation.setTouchEmulationEnabled', ['enabled' => true, 'maxTouchPoints' => 5]);
        $this->signIn();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        Chrome::end();
    }

    public function test_a_home_is_looked_at_chosen_and_drawn_with_fingers(): void
    {
        $scheme = $this->openBoard();
        $this->zoomAndMove();
        $this->visit("/schemes/{$scheme->id}/board");
        $this->waitFor('#board-checked');
        $this->restOnAnother($scheme);
        $this->typeAFraction();
    }

    /** One finger turns the home, two come nearer and move it, a tap chooses; while one walks a finger looks around. */
    public function test_a_home_is_looked_at_in_the_round_with_fingers(): void
    {
        $this->visit('/schemes/'.Scheme::query()->firstOrFail()->id.'/round');
        $round = static fn(string $what): string => "return document.getElementById('round').round?.{$what}";
        $this->patiently()->until(fn(): bool => $this->browser->executeScript($round('model !== undefined')) === true);
        $look = function () use ($round): array {
            $this->patiently()->until(fn(): bool => $this->browser->executeScript($round('stage.frame === undefined')) === true);
            /** @var array{float, float} $seen angle about the home, and distance */
            $seen = $this->browser->executeScript(<<<'JS'
                const { orbit } = document.getElementById('round').round.turning;
                return [orbit.getAzimuthalAngle(), orbit.getDistance()];
                JS);

            return $seen;
        };
        /** @var array{float, float} $middle */
        $middle = $this->browser->executeScript(<<<'JS'
            const view = document.getElementById('round-view').getBoundingClientRect();
            return [Math.round(view.left + view.width / 2), Math.round(view.top + view.height / 2)];
            JS);
        [$x, $y] = $middle;
        [$turned, $away] = $look();
        $this->drag([[$x, $y]], static fn(int $by): array => [[$x + $by, $y]]);
        [$after, $still] = $look();
        self::assertGreaterThan(0.2, abs($after - $turned));
        self::assertEqualsWithDelta($away, $still, 0.01);
        $this->drag([[$x - 40, $y], [$x + 40, $y]], static fn(int $by): array => [[$x - 40 - $by, $y], [$x + 40 + $by, $y]]);
        [, $near] = $look();
        self::assertLessThan(0.6 * $away, $near, 'fingers apart: nearer');

        $this->browser->executeScript($round('choose("")'));
        $this->touch('touchStart', [[$x, $y]]);
        $this->touch('touchEnd', []);
        $this->patiently()->until(fn(): bool => $this->browser->executeScript($round('model.chosen')) !== '');

        $this->browser->executeScript("document.querySelector('[data-round=walk]').click()");
        $heading = fn(): float => (float) (is_numeric($at = $this->browser->executeScript($round('walk.heading'))) ? $at : NAN);
        $before = $heading();
        $this->drag([[$x, $y]], static fn(int $by): array => [[$x + $by, $y]]);
        self::assertEqualsWithDelta(0.5, abs($heading() - $before), 0.1);
    }

    /**
     * @param list<array{float|int, float|int}>                 $from
     * @param \Closure(int): list<array{float|int, float|int}> $at   px from there
     */
    private function drag(array $from, \Closure $at): void
    {
        $this->touch('touchStart', $from);
        foreach ([20, 40, 60, 80, 100] as $by) {
            $this->touch('touchMove', $at($by));
        }
        $this->touch('touchEnd', []);
    }

    /** Two fingers zoom and move the plan and choose nothing. */
    private function zoomAndMove(): void
    {
        $before = $this->viewBox();
        $this->touch('touchStart', [[300, 400]]);
        $this->touch('touchStart', [[300, 400], [500, 400]]);
        foreach ([20, 40, 60, 80, 100] as $by) {
            $this->touch('touchMove', [[300 - $by, 400], [500 + $by, 400]]);
        }
        $this->touch('touchEnd', []);
        $near = $this->viewBox();
        self::assertEqualsWithDelta($before[2] / 2, $near[2], $before[2] * 0.02, 'twice as far apart: half as much in sight');
        $this->touch('touchStart', [[300, 400]]);
        $this->touch('touchStart', [[300, 400], [500, 400]]);
        foreach ([20, 40, 60] as $by) {
            $this->touch('touchMove', [[300 + $by, 400 + $by], [500 + $by, 400 + $by]]);
        }
        $this->touch('touchEnd', []);
        $moved = $this->viewBox();
        self::assertEqualsWithDelta($near[2], $moved[2], 1.0, 'as large as before');
        self::assertLessThan($near[0], $moved[0], 'the plan went to the right with them');
        self::assertSame('', $this->find('#inspector')->getAttribute('data-chosen') ?? '');
    }

    /** A finger that rests chooses another one too. */
    private function restOnAnother(Scheme $scheme): void
    {
        /** @var array{array{float, float, string}, array{float, float, string}} $drawn */
        $drawn = $this->browser->executeScript(<<<'JS'
            const drawn = [...document.querySelectorAll('#plan .fixture[data-subject]')];
            const middle = (one) => { const b = one.getBoundingClientRect(); return [b.x + b.width / 2, b.y + b.height / 2]; };
            const on = drawn.filter((one) => document.elementFromPoint(...middle(one))?.closest('[data-subject]') === one);
            return on.slice(0, 2).map((one) => [...middle(one), one.dataset.subject]);
            JS);
        [$one, $other] = $drawn;
        $edits = $scheme->edits()->count();
        $this->touch('touchStart', [[$one[0], $one[1]]]);
        $this->touch('touchEnd', []);
        $this->waitFor("#inspector[data-chosen=\"{$one[2]}\"]");
        $this->touch('touchStart', [[$other[0], $other[1]]]);
        usleep(800_000);
        $this->touch('touchEnd', []);
        $this->waitForText('#inspector h2', '2');
        self::assertSame($edits, $scheme->edits()->count(), 'nothing was moved by it');
        // a second finger takes back what the first had begun
        $this->touch('touchStart', [[$one[0], $one[1]]]);
        $this->touch('touchMove', [[$one[0] + 60, $one[1]]]);
        $this->touch('touchStart', [[$one[0] + 60, $one[1]], [$one[0] + 150, $one[1] + 60]]);
        $this->touch('touchEnd', []);
        usleep(500_000);
        self::assertSame($edits, $scheme->edits()->count(), 'the drag was taken back');
    }

    private function typeAFraction(): void
    {
        $scheme = Scheme::query()->get()->firstOrFail(static fn(Scheme $one): bool => $one->layout->units === UnitSystem::Imperial);
        $this->visit("/schemes/{$scheme->id}/board");
        $this->waitFor('#board-checked');
        $this->find('[data-tool="wall"]')->click();
        $this->find('#wall-thickness')->click();
        $pad = $this->waitFor('.number-pad:not([hidden])');
        self::assertSame('none', $this->find('#wall-thickness')->getAttribute('inputmode'));
        $this->browser->executeScript("document.getElementById('wall-thickness').value = ''");
        foreach (['4', '1/2', '"'] as $key) {
            $pad->findElement(WebDriverBy::cssSelector("[data-key='{$key}']"))->click();
        }
        self::assertSame('4 1/2"', $this->find('#wall-thickness')->getAttribute('value'));
        $this->waitForText('#wall-reading', '4 1/2 inches');
        $this->assertAccessible();
        $pad->findElement(WebDriverBy::cssSelector('[data-key="letters"]'))->click();
        usleep(300_000);
        self::assertFalse($pad->isDisplayed(), 'the keyboard of the system has the field');
        self::assertSame('text', $this->find('#wall-thickness')->getAttribute('inputmode'));
        $this->find('#wall-height')->click();
        $this->waitFor('.number-pad:not([hidden])');
    }

    /** @param list<array{float|int, float|int}> $at */
    private function touch(string $what, array $at): void
    {
        $this->tools('Input.dispatchTouchEvent', [
            'type' => $what,
            'touchPoints' => array_map(
                static fn(array $one, int $id): array => ['x' => $one[0], 'y' => $one[1], 'id' => $id],
                $at,
                array_keys($at),
            ),
        ]);
    }

    /** @return list<float> */
    private function viewBox(): array
    {
        return array_map(floatval(...), explode(' ', (string) $this->find('#plan')->getAttribute('viewBox')));
    }

    /** @param array<string, mixed> $with */
    private function tools(string $command, array $with): void
    {
        (new ChromeDevToolsDriver($this->browser))->execute($command, $with);
    }
}
