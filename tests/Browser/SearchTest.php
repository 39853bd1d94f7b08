<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** The search that is open to the keyboard on every page. */
final class SearchTest extends BrowserTestCase
{
    public function test_an_element_a_page_and_an_act_are_found_by_typing(): void
    {
        $this->signIn();
        $scheme = $this->openBoard();
        $room = $scheme->layout->storeys[0]->rooms[0];
        $this->press('/');
        $this->waitFor('#search[open]');
        $this->find('#search-words')->sendKeys("{$room->mark} {$room->name}");
        $this->waitForText('#search-found', $room->name);
        $this->assertAccessible();
        $this->find('#search-words')->sendKeys(WebDriverKeys::ENTER);
        $this->waitFor("#inspector[data-chosen=\"{$room->id}\"]");

        // what the page can do comes first, under the arrow keys
        $this->press(WebDriverKeys::CONTROL.'k');
        $this->waitFor('#search[open]');
        $this->find('#search-words')->sendKeys('measure');
        $this->waitForText('#search-done', 'Measure');
        $this->find('#search-words')->sendKeys(WebDriverKeys::ARROW_DOWN);
        self::assertSame('Measure', $this->browser->switchTo()->activeElement()->getText());
        $this->press(WebDriverKeys::ENTER);
        $this->waitFor('#measure-options:not([hidden])');

        // from any other page
        $this->visit('/people');
        $this->find('[data-opens-search]')->click();
        $this->find('#search-words')->sendKeys('rule books');
        $this->waitForText('#search-found', 'Rule books');
        $this->find('#search-words')->sendKeys(WebDriverKeys::ENTER);
        $this->waitForText('h1', 'Rule books');
    }
}
