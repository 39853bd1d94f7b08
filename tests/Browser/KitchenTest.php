<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Facebook\WebDriver\WebDriverKeys;
use Heurema\Layout\Fixture;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\FixtureKind;
use Illuminate\Support\Facades\File;

/** A kitchen laid out, stepped through and built at the browser, and moved at its wall beside the plan. */
final class KitchenTest extends BrowserTestCase
{
    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $user = User::query()->where('email', 'reviewer@heurema.test')->firstOrFail();
        $layout = (new LayoutReader())->read(File::get(database_path('demo/heron-bungalow.json')));
        $this->scheme = $this->app->make(OpenProject::class)->open($user, $layout, null, ['drawing', 'practice-kitchen-bath'])->scheme;
    }

    public function test_a_kitchen_is_laid_out_and_built(): void
    {
        $this->visit("/schemes/{$this->scheme->id}/kitchen");
        $this->assertAccessible();
        $this->find('[name="walls[]"][value="2-0"]')->click();
        $this->find('[name="walls[]"][value="0-0"]')->click();
        $this->find('#kitchen-form .btn-primary')->click();
        $this->waitFor('.kitchen-steps b');
        $this->waitForText('.kitchen-steps b', 'Plan 1 of');
        $this->assertAccessible();
        // the third fixture goes before the second
        $this->find('[data-wanted]:nth-child(3) [data-earlier]')->click();
        self::assertSame('dishwasher', $this->find('[name="kinds[1]"]')->getDomProperty('value'));
        $this->waitFor('.kitchen-steps [name="kinds[1]"][value="dishwasher"]');
        $this->find('.kitchen-steps .btn-primary')->click();
        $this->waitFor('#board-checked[data-version="2"]');
        self::assertCount(2, $this->fixtures(FixtureKind::Sink), 'the other kitchen stands at other walls');
        $this->visit("/schemes/{$this->scheme->id}/kitchen/schedule");
        $this->waitFor('.unit-mark');
        $this->assertAccessible();
    }

    public function test_what_hangs_is_moved_at_its_wall_by_keys_and_pointer(): void
    {
        $hood = $this->fixtures(FixtureKind::Hood)[0];
        $this->visit("/schemes/{$this->scheme->id}/board?storey=B&select={$hood->id}");
        $this->waitFor('#board-checked');
        $this->waitFor('.front .fixture-chosen');
        $this->assertAccessible();
        $this->browser->executeScript('document.querySelector(".front .fixture-chosen").focus()');
        $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->waitFor('#board-checked[data-version="2"]');
        $moved = $this->fixtures(FixtureKind::Hood)[0];
        self::assertGreaterThan($hood->at->x, $moved->at->x);
        self::assertEqualsWithDelta($hood->base, $moved->base, 0.001);
        $this->browser->executeScript('document.querySelector(".front .fixture-chosen").scrollIntoView({ block: "center" })');
        $this->browser->action()->clickAndHold($this->find('.front .fixture-chosen path'))->moveByOffset(0, 9)->release()->perform();
        $this->waitFor('#board-checked[data-version="3"]');
        $lowered = $this->fixtures(FixtureKind::Hood)[0];
        // nine pixels of 11 mm, by whole steps
        self::assertEqualsWithDelta((float) $moved->base - 99.0, (float) $lowered->base, 10.0);
        self::assertEqualsWithDelta($moved->at->x, $lowered->at->x, 0.001);
    }

    /** @return non-empty-list<Fixture> */
    private function fixtures(FixtureKind $kind): array
    {
        $found = array_values(array_filter(
            $this->scheme->refresh()->layout->storeys[0]->fixtures,
            static fn(Fixture $one): bool => $one->kind === $kind,
        ));

        return $found === [] ? self::fail("There is no {$kind->value}.") : $found;
    }
}
