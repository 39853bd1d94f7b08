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
    protected function setUp(): void
    {
        parent::setUp();
        Chrome::size($this->browser, 1024, 768, true);
        $this->tools('Emulation.setTouchEmulationEnabled', ['enabled' => true, 'maxTouchPoints' => 5]);
    }

    protected function tearDown(): void
    {
        $this->tools('Emulation.setTouchEmulationEnabled', ['enabled' => false]);
        Chrome::size($this->browser, 1280, 800);
        parent::tearDown();
    }

    /** In one test: Chromium tells a page of no touch any more once touching was switched off and on again. */
    public function test_a_home_is_looked_at_chosen_and_drawn_with_fingers(): void
    {
        $this->signIn();
        $scheme = $this->openBoard();
        $this->zoomAndMove();
        $this->visit("/schemes/{$scheme->id}/board");
        $this->waitFor('#board-checked');
        $this->restOnAnother($scheme);
        $this->typeAFraction();
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
