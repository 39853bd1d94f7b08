<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;

/** North turned by the pointer and by keys. */
final class NorthTest extends BrowserTestCase
{
    public function test_north_is_turned(): void
    {
        $this->signIn();
        $scheme = $this->openBoard();
        $version = $scheme->version;
        $checked = static fn(int $edits): string => '#board-checked[data-version="'.($version + $edits).'"]';
        $this->find('.home-values summary')->click();
        $dial = $this->waitFor('.north-dial');
        // from its middle to the right: east is up
        (new WebDriverActions($this->browser))->moveToElement($dial)->clickAndHold()->moveByOffset(120, 0)->release()->perform();
        $this->waitFor($checked(1));
        self::assertSame(0.0, $scheme->refresh()->layout->north);
        $this->find('.home-values summary')->click();
        $dial = $this->waitFor('.north-dial');
        self::assertSame('90', $dial->getAttribute('aria-valuenow'));
        $this->assertAccessible();
        $dial->sendKeys([
            WebDriverKeys::SHIFT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::NULL, WebDriverKeys::ARROW_LEFT, WebDriverKeys::ENTER,
        ]);
        $this->waitFor($checked(2));
        self::assertSame(-14.0, $scheme->refresh()->layout->north);
        $this->press('uu');
        $this->waitFor($checked(4));
    }
}
