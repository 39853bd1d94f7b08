<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Scheme;
use App\Models\SchemeEdit;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Lengths typed where they are read, fixtures placed one after the other, and what the server does not make. */
final class TypingTest extends BrowserTestCase
{
    use PointsAtPlan;

    protected function setUp(): void
    {
        parent::setUp();
        SchemeEdit::query()->delete();
        Scheme::query()->update(['version' => 1, 'dimensions' => null]);
        $this->signIn();
        $this->openBoard();
    }

    public function test_a_dimension_is_chosen_and_typed(): void
    {
        $this->find('[data-dimension]')->findElement(WebDriverBy::cssSelector('.dimension-text text'))->click();
        $field = $this->find('#dimension-length');
        self::assertSame('38\'-6 1/2"', $field->getAttribute('value'));
        self::assertCount(2, $this->browser->findElements(WebDriverBy::cssSelector('#dimension-edit option')));
        // what would move is marked before anything happens, and what would come of it is drawn
        self::assertCount(1, $this->browser->findElements(WebDriverBy::cssSelector('#plan .handle.moves')));
        $field->clear()->sendKeys("38' 2 1/2");
        $this->waitForText('#reading-dimension-length', '38 feet 2 1/2 inches');
        $this->waitFor('.ghost-trial > *');
        $this->assertAccessible();
        $field->sendKeys(WebDriverKeys::ENTER);
        $this->waitFor('#board-checked[data-version="2"]');
        $written = $this->browser->executeScript("return document.querySelector('#plan .layer-dimensions').textContent");
        self::assertIsString($written);
        self::assertStringContainsString('38\'-2 1/2"', $written);
        // from the keyboard alone
        $this->press('i');
        self::assertTrue($this->find('#dimension-length')->isDisplayed());
    }

    public function test_placing_goes_on_until_escape(): void
    {
        $this->takeFromList('chair');
        $sheet = $this->find('#plan-sheet');
        foreach ([[-100, 0], [-60, 20], [0, 60]] as $number => [$right, $down]) {
            $this->browser->action()->moveToElement($sheet, $right, $down)->click()->perform();
            $this->waitFor('#board-checked[data-version="'.($number + 2).'"]');
        }
        self::assertSame('place', $this->tool());
        $this->press(WebDriverKeys::ESCAPE);
        self::assertSame('choose', $this->tool());
    }

    public function test_what_is_refused_stays_in_sight_to_be_mended_or_dropped(): void
    {
        $this->browser->action()->moveToElement($this->find('.opening[data-subject="gn1"]'))->click()->perform();
        $this->waitFor('#inspector[data-chosen="gn1"]');
        $this->find('#field-width')->clear()->sendKeys("90'")->submit();
        $this->waitForText('#board-refusals', 'Not made');
        // another edit is made meanwhile, and it is still told
        $this->press(WebDriverKeys::ESCAPE);
        $this->browser->action()->moveToElement($this->find('.fixture[data-subject="gf17"]'))->click()->perform();
        $this->waitFor('#inspector[data-chosen="gf17"]');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->waitFor('#board-checked[data-version="2"]');
        self::assertStringContainsString('Not made', $this->find('#board-refusals')->getText());
        $this->assertAccessible();
        $this->find('#board-refusals [data-refusal="mend"]')->click();
        $this->waitFor('#inspector[data-chosen="gn1"]');
        self::assertSame('', $this->find('#board-refusals')->getText());
        $this->browser->manage()->getLog('browser');
    }

    public function test_a_server_with_a_fault_is_asked_again_and_then_told(): void
    {
        $this->browser->action()->moveToElement($this->find('.fixture[data-subject="gf17"]'))->click()->perform();
        $this->waitFor('#inspector[data-chosen="gf17"]');
        $this->browser->executeScript(<<<'JS'
            window.asked = 0;
            const straight = window.fetch;
            window.fetch = (address, options) => {
                if (!String(address).includes('/acts/turn')) return straight(address, options);
                window.asked += 1;
                return Promise.resolve(new Response('', { status: 500 }));
            };
            JS);
        $this->press('t');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->patiently()->until(
            fn(): bool => str_contains($this->find('#board-refusals')->getText(), 'The server failed on it.'),
        );
        self::assertSame(3, $this->browser->executeScript('return window.asked'));
        // what was done after it is not held up
        $this->waitFor('#board-checked[data-version="2"]');
        $this->find('#board-refusals [data-refusal="drop"]')->click();
        self::assertSame('', $this->find('#board-refusals')->getText());
    }

    public function test_while_what_the_server_rests_on_is_away_edits_wait_and_the_board_says_what_is_the_matter(): void
    {
        $this->browser->action()->moveToElement($this->find('.fixture[data-subject="gf17"]'))->click()->perform();
        $this->waitFor('#inspector[data-chosen="gf17"]');
        $this->browser->executeScript(<<<'JS'
            window.asked = 0;
            window.straightFetch = window.fetch;
            window.fetch = (address, options) => {
                if (!String(address).includes('/acts/')) return window.straightFetch(address, options);
                window.asked += 1;
                const refused = encodeURIComponent('The database does not answer.');
                return Promise.resolve(new Response('', { status: 503, headers: { 'Retry-After': '5', 'X-Board-Refused': refused } }));
            };
            JS);
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->waitForText('#board-message', 'The database does not answer. 2 edits are kept here and sent as soon as it does.');
        // it is asked more often than a fault is, and nothing is given up
        $this->patiently()->until(fn(): bool => $this->browser->executeScript('return window.asked') > 3);
        self::assertSame('', $this->find('#board-refusals')->getText());
        $this->browser->executeScript('window.fetch = window.straightFetch;');
        $this->find('#board-message [data-act="send"]')->click();
        $this->waitFor('#board-checked[data-version="3"]');
        self::assertSame('', $this->find('#board-message')->getText());
    }

    /** The pointer is some millimetres off each place; what is taped is exact. */
    public function test_the_tape_catches_jambs_faces_and_things(): void
    {
        $this->find('#plan-sheet')->sendKeys('k');
        $taped = [
            // across the window gn1 of 4 ft, on the outer face; then the living room, clear from face to face; then a table's edge
            '4\'-0"' => [[1828.8, -82.55], [3048.0, -82.55]],
            '15\'-6 1/2"' => [[82.55, 1000.0], [4819.65, 1000.0]],
        ];
        foreach ($taped as $words => [[$x, $y], [$toX, $toY]]) {
            $this->clickAt($x + 25, $y + 20);
            $this->clickAt($toX - 30, $toY + 15);
            $this->waitForText('#measure-drawn', $words);
            self::assertSame($words, $this->find('#measure-drawn')->getText());
        }
    }

    private function tool(): string
    {
        $tool = $this->find('#plan-sheet')->getAttribute('data-tool');

        return $tool === 'fixture' ? 'place' : (string) $tool;
    }
}
