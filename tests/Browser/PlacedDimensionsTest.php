<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Scheme;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Heurema\Layout\DrawnDimension;
use Heurema\Spatial\Home;

/** Dimensions placed by hand, layers hidden and setting-out lines, at the browser. */
final class PlacedDimensionsTest extends BrowserTestCase
{
    use PointsAtPlan;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->scheme = $this->openBoard();
    }

    public function test_one_is_placed_moved_along_and_taken_away(): void
    {
        $this->find('[data-act="dimensions"]')->click();
        $this->find('#dimension-options [data-tool="place-dimension"]')->click();
        $this->waitFor('#place-dimension-options:not([hidden])');
        [$left, $right, $y] = $this->faces();
        // the pointer is some millimetres off each place; what is measured is exact
        $this->clickAt($left + 20, $y);
        $this->clickAt($right - 20, $y);
        $this->clickAt(($left + $right) / 2, $y + 600);
        $this->waitFor('.placed-dimension.chosen');
        $placed = $this->placed();
        self::assertCount(2, $placed->measures());
        $text = $this->find('.placed-dimension text')->getText();
        self::assertSame($this->scheme->refresh()->dimensionStyle()->lengths->write($right - $left, $this->scheme->layout), $text);
        // the sheet shows it as well
        $address = $this->browser->getCurrentURL();
        $this->visit("/schemes/{$this->scheme->id}/sheet?format=svg&paper=Tabloid&storey={$this->scheme->layout->storeys[0]->id}");
        self::assertStringContainsString('placed-dimension', $this->browser->getPageSource());
        $this->browser->get($address);
        $this->waitFor('.placed-dimension');
        $this->clickAt(($left + $right) / 2 + 700, $y + 600);
        $this->waitFor('.placed-dimension.chosen');
        $this->press(WebDriverKeys::DELETE);
        $this->patiently()->until(fn(): bool => $this->found('.placed-dimension') === 0);
        self::assertSame([], $this->browser->manage()->getLog('browser'));
    }

    public function test_layers_are_hidden_and_come_back(): void
    {
        $this->find('[data-act="dimensions"]')->click();
        self::assertGreaterThan(0, $this->found('#plan .swing'));
        $this->find('#dimension-options [name="layer"][value="swings"]')->click();
        $this->patiently()->until(fn(): bool => $this->found('#plan .swing') === 0);
        $this->find('#dimension-options [name="layer"][value="dimensions"]')->click();
        $this->patiently()->until(fn(): bool => $this->found('#plan .layer-dimensions .dimension') === 0);
        $this->find('#dimension-options [name="layer"][value="swings"]')->click();
        $this->patiently()->until(fn(): bool => $this->found('#plan .swing') > 0);
        $style = $this->scheme->refresh()->dimensionStyle();
        self::assertSame(['dimensions', 'levels'], array_column($style->hidden, 'value'));
    }

    private function found(string $selector): int
    {
        return count($this->browser->findElements(WebDriverBy::cssSelector($selector)));
    }

    private function placed(): DrawnDimension
    {
        return $this->scheme->refresh()->layout->storeys[0]->dimensions[0];
    }

    /** @return array{float, float, float} two faces of a room that look at each other, and a height between their ends */
    private function faces(): array
    {
        $home = new Home($this->scheme->layout);
        $room = array_values($home->plans[$this->scheme->layout->storeys[0]->id]->rooms)[0];
        $box = $room->outline()?->bounds() ?? throw new \LogicException('The room has no outline.');

        return [$box->left, $box->right, $box->bottom + $box->height() * 0.35];
    }
}
