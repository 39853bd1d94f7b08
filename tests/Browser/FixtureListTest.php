<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\SlopedCeiling;
use Heurema\Tests\Sketch;

/** Fixtures taken from the list in any size, outlines drawn by their corners, and what a finding lacks said where it leads to. */
final class FixtureListTest extends BrowserTestCase
{
    use PointsAtPlan;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $user = User::query()->where('email', 'reviewer@heurema.test')->firstOrFail();
        $home = Sketch::room(6000, 4000, 'bedroom')->window('w1', 3000, 1200, 1200)->home()->layout;
        $this->scheme = $this->app->make(OpenProject::class)->open($user, $home, null, ['us-irc-2021'])->scheme;
        $this->visit("/schemes/{$this->scheme->id}/board?storey=G");
        $this->waitFor('#board-checked');
    }

    public function test_it_is_searched_by_typing_and_what_was_used_last_is_offered_first(): void
    {
        $this->press('f');
        $this->waitFor('#fixtures[open] [data-places]');
        $this->assertAccessible();
        $this->find('#fixtures-search')->sendKeys('washbasin double');
        self::assertSame(['vanity'], $this->offered());
        $this->find('#fixtures-search')->sendKeys(' nowhere');
        self::assertSame([], $this->offered());
        self::assertTrue($this->find('.fixture-none')->isDisplayed());
        $this->find('#fixtures-search')->clear()->sendKeys('vanity'.WebDriverKeys::ENTER);
        $this->find('#fixture-width')->clear()->sendKeys('1500');
        $this->moveTo(1500, 600);
        $this->waitFor('.ghost-trial .fixture');
        $this->clickAt(1500, 600);
        $this->waitFor('#board-checked[data-version="2"]');
        self::assertSame([1500.0, 0.0, 90.0], [$this->fixture(0)->width, $this->fixture(0)->at->y, $this->fixture(0)->facing]);
        $this->assertAccessible();

        // what is said of the one that was placed is said of the next one like it
        $this->find('#field-basins')->sendKeys('2'.WebDriverKeys::ENTER);
        $this->waitFor('#board-checked[data-version="3"]');
        $this->press('f');
        $first = $this->waitFor('#fixtures[open] .fixture-group button[data-like]');
        self::assertSame([$this->fixture(0)->id, '1500'], [$first->getAttribute('data-like'), $this->sizeOf('width')]);
        $first->click();
        $this->clickAt(4500, 3400);
        $this->waitFor('#board-checked[data-version="4"]');
        self::assertSame([1500.0, 2, 4000.0, 270.0], [
            $this->fixture(1)->width, $this->fixture(1)->basins, $this->fixture(1)->at->y, $this->fixture(1)->facing,
        ]);
    }

    public function test_a_fixture_is_drawn_by_its_corners_and_typed_sides(): void
    {
        $this->takeFromList('fixture-corners');
        $this->find('#fixture-corners-options [name="name"]')->sendKeys('Bar');
        $this->clickAt(1000, 1000);
        foreach ([[5000, 1000, '1200'], [2200, 3000, '600'], [500, 1600, '1200']] as $sides => [$x, $y, $side]) {
            $this->moveTo($x, $y);
            $this->find('#fixture-corners-options [data-typed]')->clear()->sendKeys($side.WebDriverKeys::ENTER);
            $this->waitForSides($sides + 1);
        }
        $this->clickAt(1000, 1000);
        $this->waitForText('#inspector h2', 'Bar');
        $bar = $this->fixture(0);
        self::assertSame(['Bar', 90.0], [$bar->name, $bar->facing]);
        self::assertEqualsWithDelta([1200.0, 600.0], [$bar->width, $bar->depth], 3.0, 'the pointer leads as nearly as a pixel');
    }

    public function test_a_ceiling_rises_from_eaves_to_ridge(): void
    {
        $this->clickAt(3000, 2500);
        $this->waitFor('#slope-low');
        $this->browser->executeScript("document.getElementById('slope-low').closest('details').open = true");
        $this->find('#slope-low')->sendKeys('1.2 m');
        $this->waitForText('#slope-low-reading', '1');
        $this->find('#slope-high')->sendKeys('3 m');
        // what is read appears beneath its field and moves the button down
        $this->waitForText('#slope-high-reading', '3');
        $this->find('#inspector [data-tool="slope"]')->click();
        $this->clickAt(3000, 0);
        $this->clickAt(3000, 4000);
        $this->waitFor('#board-checked[data-version="2"]');
        $ceiling = $this->layout()->storeys[0]->rooms[0]->ceiling;
        self::assertInstanceOf(SlopedCeiling::class, $ceiling);
        self::assertSame([1200.0, 3000.0], [$ceiling->low, $ceiling->high]);
        self::assertEqualsWithDelta(4000.0, $ceiling->from->distanceTo($ceiling->to), 1.0);
        $this->waitFor('.ceiling-level');
    }

    public function test_what_a_finding_lacks_leads_to_its_field(): void
    {
        $finding = $this->browser->findElement(WebDriverBy::xpath('//*[@id="board-findings"]//button[contains(., "Emergency escape")]'));
        $finding->click();
        $this->waitFor('.evidence-missing [data-control="field-sill"]')->click();
        $this->waitFor('#inspector[data-chosen="n"]');
        $this->patiently()->until(fn(): bool => $this->browser->switchTo()->activeElement()->getAttribute('id') === 'field-sill');
        $this->browser->switchTo()->activeElement()->sendKeys('900'.WebDriverKeys::ENTER);
        $this->waitFor('#board-checked[data-version="2"]');
        self::assertSame(900.0, $this->layout()->storeys[0]->openings[0]->sill);
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('.evidence-missing [data-control="field-sill"]')));
    }

    public function test_what_is_still_to_be_taped_can_be_read_by_everybody(): void
    {
        $this->visit("/schemes/{$this->scheme->id}/survey");
        $this->waitForText('h1', 'Taped on site');
        $this->assertAccessible();
    }

    /** So many sides are drawn, besides the one that follows the pointer. */
    private function waitForSides(int $count): void
    {
        $drawn = "[...document.querySelectorAll('#ghost .ghost-wall')].map((path) => path.getAttribute('d').split('L').length - 1)";
        $this->patiently()->until(fn(): bool => $this->browser->executeScript("return {$drawn}") === [$count, 1]);
    }

    /** @return list<string> kinds in sight that are offered as usual */
    private function offered(): array
    {
        $kinds = [];
        foreach ($this->browser->findElements(WebDriverBy::cssSelector('#fixtures [data-places][data-like=""]')) as $entry) {
            if ($entry->isDisplayed()) {
                $kinds[] = (string) $entry->getAttribute('data-places');
            }
        }

        return $kinds;
    }

    private function sizeOf(string $key): mixed
    {
        $sizes = json_decode((string) $this->find('#fixtures .fixture-group button[data-like]')->getAttribute('data-sizes'), true);

        return is_array($sizes) ? $sizes[$key] ?? null : null;
    }

    private function fixture(int $number): Fixture
    {
        return $this->layout()->storeys[0]->fixtures[$number];
    }

    private function layout(): Layout
    {
        return $this->scheme->refresh()->layout;
    }
}
