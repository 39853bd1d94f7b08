<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Facebook\WebDriver\WebDriverKeys;
use Heurema\Layout\Block;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\UnitSystem;

/** A home set out on an empty board: on axes that are typed and pointed at, and from blocks that are dragged together. */
final class SettingOutTest extends BrowserTestCase
{
    use PointsAtPlan;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function test_walls_and_columns_on_typed_axes(): void
    {
        $this->begin(UnitSystem::Metric);
        $this->find('[data-tool="axes"]')->click();
        $this->find('#axes-across')->sendKeys('3.6 4.2');
        $this->find('#axes-up')->sendKeys('4');
        $this->waitForText('#reading-axes-across', '3.6 metres | 4.2 metres, together 7800 mm');
        $this->clickAt(2000, 3000);
        $this->waitFor('#board-checked[data-version="2"]');
        $this->waitForText('#inspector h2', 'Axis 1');
        $this->assertAccessible();
        [$x, $y] = [$this->layout()->axes[0]->from->x, $this->layout()->axes[3]->from->y];
        self::assertEqualsWithDelta([2000.0, 3000.0], [$x, $y], 25.0);

        // a stretch of the axis at hand, then all that is left
        $this->find('[name="stretches[x1:0]"]')->click();
        $this->find('[data-form="axis-walls"] button')->click();
        $this->waitFor('#board-checked[data-version="3"]');
        self::assertSame(
            [[$x, $y], [$x, $y + 4000.0]],
            [$this->layout()->storeys[0]->walls[0]->from->toArray(), $this->layout()->storeys[0]->walls[0]->to->toArray()],
        );
        $this->find('#plan-sheet')->sendKeys(WebDriverKeys::ESCAPE);
        $this->waitForText('#inspector h2', 'Nothing chosen');
        $this->find('[data-does="axis-walls"]')->click();
        $this->waitFor('#board-checked[data-version="4"]');
        self::assertCount(2, (new Home($this->layout()))->plans['G']->spaces);
        $this->find('[data-does="axis-columns"]')->click();
        $this->waitFor('#board-checked[data-version="5"]');
        self::assertCount(6, $this->layout()->storeys[0]->fixtures);

        // the wall tool is drawn to where axes cross, though it is pointed beside it
        $this->find('#plan-sheet')->sendKeys('w');
        $this->clickAt($x + 3630, $y + 3960);
        $this->clickAt($x + 7770, $y + 40);
        $this->waitFor('#board-checked[data-version="6"]');
        $walls = $this->layout()->storeys[0]->walls;
        self::assertSame(
            [[$x + 3600.0, $y + 4000.0], [$x + 7800.0, $y]],
            [$walls[count($walls) - 1]->from->toArray(), $walls[count($walls) - 1]->to->toArray()],
        );
        $this->find('#plan-sheet')->sendKeys([WebDriverKeys::ESCAPE, WebDriverKeys::ESCAPE, WebDriverKeys::ESCAPE]);
        $this->waitForText('#inspector h2', 'Nothing chosen');
        $this->find('[data-does="remove-axes"]')->click();
        $this->waitFor('#board-checked[data-version="7"]');
        self::assertSame([], $this->layout()->axes);
    }

    public function test_blocks_dragged_together_become_rooms(): void
    {
        $this->begin(UnitSystem::Imperial);
        $this->find('[data-act="blocks"]')->click();
        $this->find('#blocks-options textarea')->sendKeys("Bedroom 12' x 9'2\nBath 8' x 9'");
        $this->find('#blocks-options button')->click();
        $this->waitFor('#board-checked[data-version="2"]');
        $this->waitForText('#inspector h2', 'Bedroom');
        $this->assertAccessible();

        // away and back: let go beside the other, it stands edge to edge and in line
        [$bedroom, $bath] = $this->blocks();
        $this->clickAt($bath->at->x, $bath->at->y + 600);
        $this->waitForText('#inspector h2', 'Bath');
        $this->drag($bath->at->x, $bath->at->y + 600, $bath->at->x + 1500, $bath->at->y + 1600);
        $this->waitFor('#board-checked[data-version="3"]');
        [, $away] = $this->blocks();
        self::assertGreaterThan($bath->box()->left + 1000, $away->box()->left);
        $this->drag($away->at->x, $away->at->y + 600, $bedroom->box()->right + $bath->width / 2 + 200, $bath->depth / 2 + 600);
        $this->waitFor('#board-checked[data-version="4"]');
        [, $back] = $this->blocks();
        self::assertEqualsWithDelta(
            [$bedroom->box()->right + 114.3, $bedroom->box()->bottom],
            [$back->box()->left, $back->box()->bottom],
            1e-3,
        );

        // 9'-2" against 9'-0": the bath gives way
        $this->waitForText('.block-questions', 'their upper sides are 2" out of line');
        $this->find('.block-questions button:last-of-type')->click();
        $this->waitFor('#board-checked[data-version="5"]');
        self::assertEqualsWithDelta(110 * 25.4, $this->blocks()[1]->depth, 1e-3);
        $this->find('[data-form="block-walls"] button')->click();
        $this->waitFor('#board-checked[data-version="6"]');
        $areas = array_map(
            static fn(RoomSpace $room): float => ($room->outline()?->area() ?? 0.0) / 645.16,
            (new Home($this->layout()))->rooms,
        );
        self::assertEqualsWithDelta([144.0 * 110, 96.0 * 110], $areas, 1.0, 'square inches');
        $this->press('u');
        $this->waitFor('#board-checked[data-version="7"]');
        self::assertCount(2, $this->blocks());
    }

    private function begin(UnitSystem $units): void
    {
        $this->scheme = $this->app->make(OpenProject::class)->open(
            User::query()->where('email', 'reviewer@heurema.test')->firstOrFail(),
            new Layout('Plot', $units, storeys: [new Storey('G', 'Ground', 0.0, 2400.0, 300.0)]),
            null,
            ['drawing'],
        )->scheme;
        $this->visit("/schemes/{$this->scheme->id}/board");
        $this->waitFor('#board-checked');
    }

    private function drag(float $x, float $y, float $toX, float $toY): void
    {
        $this->moveTo($x, $y);
        $this->browser->action()->clickAndHold()->perform();
        $this->moveTo(($x + $toX) / 2, ($y + $toY) / 2);
        $this->moveTo($toX, $toY);
        $this->browser->action()->release()->perform();
    }

    private function layout(): Layout
    {
        return $this->scheme->refresh()->layout;
    }

    /** @return list<Block> */
    private function blocks(): array
    {
        return $this->layout()->storeys[0]->blocks;
    }
}
