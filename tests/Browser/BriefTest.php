<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Project;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;

/** Wishes of a client: typed, put together from choices, saved. */
final class BriefTest extends BrowserTestCase
{
    public function test_wishes_are_read_while_they_are_typed_and_kept_when_they_are_saved(): void
    {
        $this->signIn();
        $project = Project::query()->whereNull('brief')->with('latestRevision')->get()
            ->firstOrFail(static fn(Project $one): bool => $one->latestRevision?->state->isOpen() === true);
        $this->visit("/projects/{$project->id}/brief");
        $this->find('.wish:last-child input')->sendKeys('2 bedrums');
        $this->waitForText('.wish:last-child .wish-reading', 'Nearest: bedrooms');
        $this->find('.wish:last-child input')->clear()->sendKeys('the largest bedroom of 1 m2, with a window');
        $this->waitForText('.wish:last-child .wish-reading', 'the largest: at least');

        // what is chosen decides what is asked
        (new WebDriverSelect($this->find('#compose-of')))->selectByValue('kitchen');
        (new WebDriverSelect($this->find('#compose-about')))->selectByValue('beside');
        self::assertFalse($this->find('#compose-from')->isDisplayed());
        (new WebDriverSelect($this->find('#compose-room')))->selectByValue('garage');
        $this->find('.compose-not input')->click();
        $this->find('[data-composes] button')->click();
        $this->waitFor('.wish:nth-child(2) .wish-reading');
        $added = $this->find('.wish:last-child input');
        self::assertSame('every kitchen not beside the garage', $added->getAttribute('value'));
        self::assertTrue($added->equals($this->browser->switchTo()->activeElement()), 'the new wish has the focus');
        $this->assertAccessible();

        (new WebDriverSelect($this->find('#compose-about')))->selectByValue('area');
        $this->find('[data-composes] button')->click();
        $this->waitForText('#compose-refused', 'From how much');
        $this->browser->manage()->getLog('browser'); // Chromium notes the 422 as an error of the network
        $this->find('.brief-head .btn-primary')->click();
        $this->waitFor('.brief-saved');
        self::assertCount(3, $this->browser->findElements(WebDriverBy::cssSelector('.wish')), 'two, and one to type in');

        $this->find('.wish:nth-child(2) [data-removes]')->click();
        $this->find('.brief-head .btn-primary')->click();
        $this->waitFor('.brief-saved');
        self::assertSame(['the largest bedroom of 1 m2, with a window'], $project->fresh()?->brief['wishes'] ?? null);
    }
}
