<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Project;
use App\Models\Revision;
use App\Models\Scheme;
use App\Models\SchemeEdit;
use App\Models\User;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;

/** Somebody who reads Spanish: the language is chosen, scripts speak it, lengths are typed in it, and pages have room for it. */
final class SpanishTest extends BrowserTestCase
{
    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        SchemeEdit::query()->delete();
        Scheme::query()->update(['version' => 1, 'dimensions' => null]);
        User::query()->update(['language' => null]);
        $this->scheme = Project::query()->where('name', 'like', '14 Orchard%')->firstOrFail()->schemes()->firstOrFail();
        $this->signIn();
        $this->visit('/account');
        $this->find('#language option[value="es"]')->click();
        $this->find('#density')->submit();
        $this->waitForText('.account-status', 'Las páginas se ven así');
    }

    protected function tearDown(): void
    {
        User::query()->update(['language' => null]);
        $this->browser->manage()->window()->setSize(new WebDriverDimension(1280, 940));
        parent::tearDown();
    }

    public function test_a_dimension_is_typed_and_what_changed_is_told_in_spanish(): void
    {
        $this->visit("/schemes/{$this->scheme->id}/board");
        $this->waitFor('#board-checked');
        $this->find('[data-dimension]')->findElement(WebDriverBy::cssSelector('.dimension-text text'))->click();
        $this->find('#dimension-length')->clear()->sendKeys('38 pies 2 1/2');
        $this->waitForText('#reading-dimension-length', '38 pies 2 1/2 pulgadas');
        self::assertStringContainsString('se mueve lo que está en su extremo', $this->find('#dimension-edit select')->getText());
        $this->find('#dimension-length')->sendKeys(WebDriverKeys::ENTER);
        $this->waitFor('#board-checked[data-version="2"]');
        $this->waitForText('#board-changes', 'resultado');
    }

    public function test_places_that_are_caught_are_named_in_spanish(): void
    {
        $this->visit("/schemes/{$this->scheme->id}/board");
        $this->waitFor('#board-checked');
        $this->press('w');
        $sheet = $this->find('#plan-sheet');
        $this->browser->action()->moveToElement($sheet, 0, 0)->click()->moveToElement($sheet, 80, 3)->perform();
        // whatever is caught there has a name in Spanish
        $this->patiently()->until(fn(): bool => preg_match(
            '/en (horizontal|vertical)|cara|esquina|borde|muro|punto medio|cruce/',
            json_encode($this->find('#ghost')->getDomProperty('textContent'), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ) === 1);
        $this->find('#wall-length')->sendKeys('2,475 m');
        $this->waitForText('#wall-reading', '2,475 metros');
        $this->press(WebDriverKeys::ESCAPE);
    }

    public function test_bars_and_mastheads_have_room_for_longer_words(): void
    {
        $revision = Revision::query()->where('scheme_id', $this->scheme->id)->latest('id')->firstOrFail();
        $project = Project::query()->findOrFail($this->scheme->project_id);
        foreach (["/schemes/{$this->scheme->id}/board", "/revisions/{$revision->id}", "/projects/{$project->id}", '/'] as $page) {
            foreach ([1280, 1920, 390] as $width) {
                $this->browser->manage()->window()->setSize(new WebDriverDimension($width, 940));
                $this->visit($page);
                self::assertSame([], $this->browser->executeScript(<<<'JS'
                    const box = (element) => element.getBoundingClientRect();
                    const parts = [...document.querySelectorAll('.masthead a, .masthead button, .masthead h1')];
                    const shown = parts.filter((one) => box(one).width > 0);
                    const title = document.querySelector('.masthead-title');
                    const within = (one) => !title.contains(one) || box(one).left < box(title).right;
                    const before = (a, b) => a.right <= b.left + 1 || a.bottom <= b.top + 1;
                    const apart = (a, b) => before(a, b) || before(b, a);
                    const clipped = (one) => title.contains(one)
                        ? { ...box(one).toJSON(), right: Math.min(box(one).right, box(title).right) }
                        : box(one);
                    const seen = shown.filter(within);
                    return seen.flatMap((one, number) => seen.slice(number + 1)
                        .filter((other) => !one.contains(other) && !other.contains(one) && !apart(clipped(one), clipped(other)))
                        .map((other) => `${one.textContent.trim()} lies over ${other.textContent.trim()}`));
                    JS), "{$page} at {$width}");
            }
        }
    }

    public function test_no_page_is_wider_than_the_window(): void
    {
        $stair = $this->scheme->layout->stairs[0]->id;
        $board = "/schemes/{$this->scheme->id}";
        $revision = '/revisions/'.Revision::query()->where('scheme_id', $this->scheme->id)->firstOrFail()->id;
        $wide = [];
        foreach ([
            '/', '/people', '/account', '/rule-books', '/rule-books/us-irc-2021', '/measures', '/help/board',
            "/projects/{$this->scheme->project_id}", "/projects/{$this->scheme->project_id}/brief", "{$board}/board",
            "{$board}/stairs/{$stair}", "{$board}/kitchen", "{$board}/kitchen/schedule", "{$board}/elevations", "{$board}/sheets",
            "{$board}/survey", "{$board}/file", $revision, "{$revision}/letter", "{$revision}/schedules/rooms",
            "{$revision}/schedules/finishes", '/compare?with[]='.basename($revision)."&with[]=s{$this->scheme->id}",
        ] as $address) {
            $this->visit($address);
            $beyond = $this->browser->executeScript(<<<'JS'
                const wider = (one) => one.scrollWidth > one.clientWidth + 1;
                const panels = document.querySelectorAll('.stair-figures, .findings, #evidence, #inspector, .brief-side, .letter-side');
                return [document.documentElement, ...panels].filter(wider).map((one) => one.id || one.className || one.tagName);
                JS);
            $wide = [...$wide, ...$beyond === [] ? [] : [$address => $beyond]];
        }
        self::assertSame([], $wide);
    }

    public function test_pages_in_spanish_are_accessible(): void
    {
        $revision = Revision::query()->where('scheme_id', $this->scheme->id)->latest('id')->firstOrFail();
        foreach (['/', "/schemes/{$this->scheme->id}/board", "/revisions/{$revision->id}", "/revisions/{$revision->id}/letter"] as $page) {
            $this->visit($page);
            self::assertSame('es', $this->browser->executeScript('return document.documentElement.lang'));
            $this->assertAccessible();
        }
    }
}
