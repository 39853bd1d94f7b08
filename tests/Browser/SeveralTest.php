<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Scheme;
use App\Models\SchemeEdit;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Several elements chosen with Shift, by a box, by their kind; and what is done to all of them at once. */
final class SeveralTest extends BrowserTestCase
{
    use PointsAtPlan;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        SchemeEdit::query()->delete();
        Scheme::query()->update(['version' => 1]);
        $this->signIn();
        $this->scheme = $this->openBoard();
    }

    public function test_with_shift_by_a_box_and_by_kind(): void
    {
        $this->browser->action()->moveToElement($this->find('.fixture[data-subject="gf8"]'))->click()->perform();
        $this->waitForText('#inspector h2', 'Table');
        $this->browser
            ->action()
            ->keyDown(null, WebDriverKeys::SHIFT)
            ->moveToElement($this->find('.fixture[data-subject="gf17"]'))
            ->click()
            ->keyUp(null, WebDriverKeys::SHIFT)
            ->perform();
        $this->waitForText('#inspector h2', '2 chosen');
        self::assertCount(2, $this->browser->findElements(WebDriverBy::cssSelector('#plan .fixture.chosen')));
        $this->assertAccessible();
        // out again
        $this->browser
            ->action()
            ->keyDown(null, WebDriverKeys::SHIFT)
            ->moveToElement($this->find('.fixture[data-subject="gf17"]'))
            ->click()
            ->keyUp(null, WebDriverKeys::SHIFT)
            ->perform();
        $this->waitForText('#inspector h2', 'Table');
        $this->browser->findElement(WebDriverBy::cssSelector('#plan-sheet'))->sendKeys(WebDriverKeys::ESCAPE);
        $this->waitForText('#inspector h2', 'Nothing chosen');

        // the four chairs about the table, by a box from corner to corner
        $this->moveTo(700, 7900);
        $this->browser->action()->keyDown(null, WebDriverKeys::SHIFT)->clickAndHold()->perform();
        $this->moveTo(3300, 4900);
        $this->browser->action()->release()->keyUp(null, WebDriverKeys::SHIFT)->perform();
        $this->waitForText('#inspector h2', 'chosen');
        $before = $this->places();
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->waitFor('#board-checked[data-version="2"]');
        self::assertGreaterThan(
            3,
            count(array_filter($this->places(), static fn(array $at, string $id): bool => $at !== $before[$id], ARRAY_FILTER_USE_BOTH)),
        );
        $this->press('u');
        $this->waitFor('#board-checked[data-version="3"]');
        self::assertSame($before, $this->places());

        // all chairs of the room
        $chair = array_key_first(array_filter(
            $before,
            fn(array $at, string $id): bool => str_starts_with($this->kind($id), 'chair'),
            ARRAY_FILTER_USE_BOTH,
        ));
        self::assertNotNull($chair);
        $this->browser->get($this->browser->getCurrentURL()."?select={$chair}");
        $this->waitFor('[data-several]')->click();
        $this->waitForText('#inspector h2', 'chosen');
        $this->find('#all-width')->sendKeys('19"');
        $this->find('[data-form="set-all"] button')->click();
        $this->waitFor('#board-checked[data-version="4"]');
        $widths = array_filter(
            array_column($this->scheme->refresh()->layout->storeys[0]->fixtures, 'width', 'id'),
            static fn(?float $width): bool => $width !== null && abs($width - 482.6) < 0.01,
        );
        self::assertGreaterThan(1, count($widths));
    }

    private function kind(string $id): string
    {
        foreach ($this->scheme->layout->storeys[0]->fixtures as $fixture) {
            if ($fixture->id === $id) {
                return $fixture->kind->value;
            }
        }

        return '';
    }

    /** @return array<string, array{float, float}> of every fixture */
    private function places(): array
    {
        $places = [];
        foreach ($this->scheme->refresh()->layout->storeys[0]->fixtures as $fixture) {
            $places[$fixture->id] = $fixture->at->toArray();
        }

        return $places;
    }
}
