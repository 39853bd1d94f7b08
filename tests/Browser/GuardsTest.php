<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Spatial\Home;
use Heurema\Units\UnitSystem;

/** Guards along edges and places, and soffits, drawn at the browser. */
final class GuardsTest extends BrowserTestCase
{
    use PointsAtPlan;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $user = User::query()->where('email', 'reviewer@heurema.test')->firstOrFail();
        $storeys = [new Storey('G', 'Ground', 0.0, 2400.0, 300.0), new Storey('U', 'Upper', 2700.0, 2400.0, 300.0)];
        $this->scheme = $this->app->make(OpenProject::class)->open(
            $user,
            new Layout('Plot', UnitSystem::Metric, storeys: $storeys),
            null,
            ['us-irc-2021'],
        )->scheme;
        $this->visit("/schemes/{$this->scheme->id}/board?storey=U");
        $this->waitFor('#board-checked');
    }

    public function test_an_opening_is_guarded_and_a_guard_drawn_from_place_to_place(): void
    {
        $this->find('[data-tool="void"]')->click();
        $this->clickAt(1000, 1000);
        $this->clickAt(4000, 3000);
        $this->waitFor('#board-checked[data-version="2"]');
        $this->waitFor('.open-edge');
        self::assertCount(4, $this->browser->findElements(WebDriverBy::cssSelector('.open-edge')));
        $this->assertAccessible();
        $this->find('#inspector [data-act="guard-edges"]')->click();
        $this->waitFor('#board-checked[data-version="3"]');
        $this->waitForText('#inspector h2', 'Guard');
        self::assertCount(0, $this->browser->findElements(WebDriverBy::cssSelector('.open-edge')));
        $home = new Home($this->layout());
        self::assertSame([], $home->openEdges($home->plans['U'])->found);
        $this->assertAccessible();

        // two places pointed at, a length typed towards the pointer, then the last place again by Enter
        $this->pick('guard');
        $this->find('#guard-height')->clear()->sendKeys('900 mm');
        $this->clickAt(5000, 0);
        $this->clickAt(7000, 0);
        $this->moveTo(7000, 2000);
        $this->find('#guard-options [data-typed]')->sendKeys('1500'.WebDriverKeys::ENTER);
        $this->moveTo(7000, 1500);
        $this->find('#plan-sheet')->sendKeys(WebDriverKeys::ENTER);
        $this->waitFor('#board-checked[data-version="4"]');
        $guard = $this->layout()->storeys[1]->guards[1];
        self::assertSame([3, 900.0], [count($guard->line), $guard->height]);
        self::assertEqualsWithDelta(1500.0, $guard->line[1]->distanceTo($guard->line[2]), 1e-3);

        $this->pick('soffit');
        $this->clickAt(5000, 3000);
        $this->clickAt(7000, 4000);
        $this->waitFor('#board-checked[data-version="5"]');
        self::assertSame(2100.0, $this->layout()->storeys[1]->soffits[0]->underside);
        $this->press('uuuu');
        $this->waitFor('#board-checked[data-version="9"]');
        self::assertSame(
            [[], [], []],
            [$this->layout()->storeys[1]->guards, $this->layout()->storeys[1]->soffits, $this->layout()->storeys[1]->voids],
        );
    }

    private function pick(string $kind): void
    {
        $this->takeFromList($kind);
    }

    private function layout(): Layout
    {
        return $this->scheme->refresh()->layout;
    }
}
