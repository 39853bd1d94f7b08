<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Scheme;
use App\Models\SchemeEdit;
use Facebook\WebDriver\WebDriverKeys;

final class BoardTest extends BrowserTestCase
{
    /** Nothing has been done on the boards yet. */
    protected function setUp(): void
    {
        parent::setUp();
        SchemeEdit::query()->delete();
        Scheme::query()->update(['version' => 1]);
    }

    public function test_things_and_walls_are_dragged(): void
    {
        $this->signIn();
        $this->openBoard();
        $this->drag('.fixture[data-subject="gf8"]', 'gf8', 40, 0, 2);
        // the wall between laundry and study, dragged to the left: the study grows
        $area = $this->find('#plan .layer-labels')->getDomProperty('textContent');
        $this->drag('.handle[data-subject="gw12"]', 'gw12', -30, 0, 3);
        self::assertNotSame($area, $this->find('#plan .layer-labels')->getDomProperty('textContent'));
        self::assertSame('', $this->find('#ghost')->getDomProperty('textContent'));
    }

    public function test_after_many_edits_the_board_shows_what_a_reload_shows(): void
    {
        $this->signIn();
        $this->openBoard();
        $address = $this->browser->getCurrentURL();
        $this->browser->get("{$address}?select=gf8");
        $this->waitFor('#plan .chosen');
        $version = 1;
        // moved, turned twice, removed, brought back and removed again; then another fixture is chosen and moved
        foreach ([WebDriverKeys::ARROW_RIGHT, 't', 't', WebDriverKeys::ARROW_UP, WebDriverKeys::DELETE, 'u', 'r'] as $key) {
            $this->press($key);
            $this->waitFor('#board-checked[data-version="'.++$version.'"]');
        }
        $this->browser->action()->moveToElement($this->find('.fixture[data-subject="gf17"]'))->click()->perform();
        $this->waitFor('#inspector[data-chosen="gf17"]');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->waitFor('#board-checked[data-version="'.++$version.'"]');
        $patched = $this->shown();
        $this->browser->get("{$address}?select=gf17");
        $this->waitFor('#plan .chosen');
        self::assertSame($this->shown(), $patched);
    }

    public function test_what_was_opened_to_read_stays_open_through_an_edit(): void
    {
        $this->signIn();
        $this->openBoard();
        $this->browser->get($this->browser->getCurrentURL().'?select=gf17');
        $this->waitFor('#plan .chosen');
        $this->find('.of-chosen summary')->click();
        $this->browser->executeScript('document.activeElement.blur()');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->waitFor('#board-checked[data-version="2"]');
        self::assertTrue($this->find('.of-chosen ul')->isDisplayed());
    }

    public function test_a_finding_opens_its_evidence_in_its_row_and_on_the_plan(): void
    {
        $this->signIn();
        $this->openBoard();
        $this->find('#rows li:first-child [data-opens]')->click();
        $this->waitForText('.row-evidence', 'International Residential Code 2021; value');
        $this->waitFor('#witness .witness-violated');
        $opened = $this->find('#rows [aria-expanded="true"]')->getText();
        self::assertStringContainsString('Floor area of a habitable room', $opened);
        self::assertStringContainsString('R304.1', $this->find('.row-evidence')->getText());
        $this->assertAccessible();
        // it stays open through an edit
        $this->find('#field-name')->sendKeys(' room');
        $this->find('#field-name')->submit();
        $this->waitFor('#board-checked[data-version="2"]');
        self::assertStringContainsString('Study room', $this->find('#rows [aria-expanded="true"]')->getText());
        self::assertTrue($this->find('.row-evidence')->isDisplayed());
        // and by the keyboard
        $this->find('#rows [aria-expanded="true"]')->sendKeys(WebDriverKeys::ENTER);
        $this->waitFor('#rows:not(:has(.row-evidence))');
    }

    /** @return list<string> what the parts of the board hold, marks of what is new left aside */
    private function shown(): array
    {
        $html = $this->browser->executeScript(<<<'JS'
            return ['plan', 'marks', 'board-findings', 'board-state'].map((id) => {
                const part = document.getElementById(id).cloneNode(true);
                for (const element of part.querySelectorAll('[class]')) {
                    element.classList.remove('is-new', 'crowded');
                    if (element.classList.length === 0) element.removeAttribute('class');
                }
                return part.outerHTML;
            });
            JS);
        self::assertIsArray($html);

        return array_values(array_filter($html, is_string(...)));
    }

    /** Chooses a fixture, drags it by some pixels and waits for the version that comes of it. */
    private function drag(string $selector, string $name, int $right, int $down, int $version): void
    {
        $this->browser->action()->moveToElement($this->find($selector))->click()->perform();
        $this->waitFor("#inspector[data-chosen=\"{$name}\"]");
        $this->browser->action()->moveToElement($this->find($selector))->clickAndHold()->moveByOffset($right, $down)->release()->perform();
        $this->waitFor("#board-checked[data-version=\"{$version}\"]");
    }

    public function test_choose_type_draw_undo_and_submit(): void
    {
        $this->signIn();
        $this->openBoard();
        $this->assertAccessible();

        // a fixture chosen on the plan, moved by the arrow keys
        $this->browser->action()->moveToElement($this->find('.fixture[data-subject="gf17"]'))->click()->perform();
        $this->waitFor('#inspector[data-chosen="gf17"]');
        $this->waitFor('#board-findings .of-chosen');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->waitFor('#board-checked[data-version="2"]');
        self::assertStringContainsString(
            'Water closet WC1 in Powder: 15 3/8" (390.5 mm), recommended 18"',
            $this->find('#board-findings')->getText(),
            'an inch to the left is enough for what is required',
        );

        // a drag that Escape takes back
        $this->browser->action()->moveToElement(
            $this->find('.fixture[data-subject="gf17"]'),
        )->clickAndHold()->moveByOffset(80, 0)->perform();
        $this->press(WebDriverKeys::ESCAPE);
        $this->browser->action()->release()->perform();
        usleep(500_000);
        self::assertSame(1, SchemeEdit::query()->count(), 'nothing was moved');
        self::assertSame('gf17', $this->find('#inspector')->getAttribute('data-chosen'));

        // a length typed as it is said, read back before it counts
        $this->browser->action()->moveToElement($this->find('.opening[data-subject="gn1"]'))->click()->perform();
        $this->waitFor('#inspector[data-chosen="gn1"]');
        $width = $this->find('#field-width');
        $width->clear();
        $width->sendKeys('5 ft 3');
        $this->waitForText('#reading-width', '5 feet 3 inches');
        $width->submit();
        $this->waitFor('#board-checked[data-version="3"]');
        self::assertSame('5\'-3"', $this->find('#field-width')->getAttribute('value'));

        // a doubtful one is asked about and stays in its field
        $width = $this->find('#field-width');
        $width->clear();
        $width->sendKeys("3' 45/8");
        $width->submit();
        $this->waitForText('#reading-width', 'two ways');
        self::assertSame("3' 45/8", $this->find('#field-width')->getAttribute('value'));
        $this->assertAccessible();
        $this->browser->manage()->getLog('browser'); // Chromium notes the 422 as an error of the network

        // undone and redone
        $this->find('#plan-sheet')->sendKeys('u');
        $this->waitFor('#board-checked[data-version="4"]');
        self::assertSame('4\'-0"', $this->find('#field-width')->getAttribute('value'));

        // a wall from a point, its length typed
        $this->find('#plan-sheet')->sendKeys('w');
        $this->waitFor('#wall-options:not([hidden])');
        $garage = $this->find('.room[data-subject="gr8"]');
        $this->browser->action()->moveToElement($garage)->click()->perform();
        $this->browser->action()->moveToElement($garage, 60, 0)->perform();
        $this->find('#wall-length')->sendKeys('4 ft'.WebDriverKeys::ENTER);
        $this->waitFor('#inspector[data-chosen="w1"]');
        self::assertSame('4\'-0"', $this->find('#wall-own-length')->getAttribute('value'));

        $this->find('#board-state form button')->click();
        $this->waitForText('.masthead-title', 'revision 3');
    }
}
