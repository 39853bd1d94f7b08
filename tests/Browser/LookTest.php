<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Density;
use App\Models\Light;
use App\Models\Revision;
use App\Models\User;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

/** Pages in other lights, at other sizes of text, looked at closely, and in colours of the system's choosing. */
final class LookTest extends BrowserTestCase
{
    protected function tearDown(): void
    {
        Chrome::size($this->browser, 1280, 800);
        $this->emulate(['media' => '', 'features' => [['name' => 'forced-colors', 'value' => 'none']]]);
        parent::tearDown();
    }

    /** WCAG 2.2, 1.4.10: at 400 % of 1280 px, which are 320 px, nothing but drawings and wide tables is read by moving sideways. */
    public function test_pages_are_read_downwards_at_200_and_400_per_cent(): void
    {
        $this->signInAs('principal');
        $wide = [];
        foreach ([[640, 400], [320, 256]] as [$width, $height]) {
            Chrome::size($this->browser, $width, $height);
            foreach (self::pages() as $page) {
                $this->visit($page);
                /** @var int $found */
                $found = $this->browser->executeScript('return document.scrollingElement.scrollWidth');
                $wide = [...$wide, ...($found > $width ? ["{$page} at {$width} px: {$found} px"] : [])];
            }
        }
        self::assertSame([], $wide);
    }

    /** A page as high as the window has panels that scroll: nothing hidden in them makes the page scroll as well. */
    public function test_pages_that_fill_the_window_scroll_in_their_panels_alone(): void
    {
        $this->signInAs('principal');
        [$filling, $scrolling] = [0, []];
        foreach (self::pages() as $page) {
            $this->visit($page);
            /** @var array{int, float, int} $heights */
            $heights = $this->browser->executeScript(
                'return [innerHeight, document.body.getBoundingClientRect().height, document.scrollingElement.scrollHeight]',
            );
            [$window, $body, $high] = $heights;
            $filling += (int) ($body <= $window);
            $scrolling = [...$scrolling, ...($body <= $window && $high > $window ? ["{$page}: {$high} px in {$window}"] : [])];
        }
        self::assertSame([], $scrolling);
        self::assertGreaterThan(3, $filling);
    }

    public function test_what_somebody_chose_holds_on_every_page_in_colours_that_can_be_read(): void
    {
        foreach ([[Light::Evening, Density::Close], [Light::Day, Density::Large]] as [$light, $density]) {
            User::query()->where('email', 'principal@heurema.test')->update(['light' => $light, 'density' => $density]);
            $this->signInAs('principal');
            foreach (self::pages() as $page) {
                $this->visit($page);
                $this->assertAccessible();
            }
            self::assertSame(
                $light === Light::Evening ? ['rgb(21, 27, 38)', '14px'] : ['rgb(243, 236, 222)', '19px'],
                $this->browser->executeScript(
                    'return [getComputedStyle(document.body).backgroundColor, getComputedStyle(document.documentElement).fontSize]',
                ),
            );
            $this->browser->manage()->deleteAllCookies();
        }
    }

    public function test_verdicts_and_the_plan_keep_their_colours_where_the_system_forces_its_own(): void
    {
        $this->signIn();
        $this->emulate(['features' => [['name' => 'forced-colors', 'value' => 'active']]]);
        $this->visit('/revisions/'.Revision::query()->orderBy('id')->firstOrFail()->id);
        $mark = $this->browser->executeScript(<<<'JS'
            const mark = document.querySelector('#finding-list .verdict-mark');
            return [getComputedStyle(mark).forcedColorAdjust, getComputedStyle(document.getElementById('plan')).forcedColorAdjust];
            JS);
        self::assertSame(['none', 'none'], $mark);
        self::assertTrue($this->browser->executeScript("return matchMedia('(forced-colors: active)').matches"));
    }

    /** Printers without colours: signs differ by their shapes (SymbolsTest), outlines by their dashes; ink is dark in the evening too. */
    public function test_what_is_printed_can_be_read_without_colours(): void
    {
        User::query()->where('email', 'reviewer@heurema.test')->update(['light' => Light::Evening]);
        $this->signIn();
        $this->emulate(['media' => 'print']);
        foreach (self::pages() as $page) {
            $this->visit($page);
            $read = $this->browser->executeScript(<<<'JS'
                const ink = getComputedStyle(document.body).color;
                const shown = [...document.querySelectorAll('button:not(.row-link), .plan-zoom')].filter((one) => one.checkVisibility());
                return [ink, getComputedStyle(document.body).backgroundColor, shown.length];
                JS);
            self::assertSame(['rgb(0, 0, 0)', 'rgb(255, 255, 255)', 0], $read, $page);
        }
        $this->visit('/revisions/'.Revision::query()->orderBy('id')->firstOrFail()->id);
        self::assertTrue($this->browser->executeScript(<<<'JS'
            const rows = document.getElementById('rows');
            const isAll = rows.scrollHeight <= rows.clientHeight + 1;
            return isAll && rows.getBoundingClientRect().bottom <= document.scrollingElement.scrollHeight;
            JS), 'all of the list is printed');
        /** @var list<string> $dashes */
        $dashes = $this->browser->executeScript(<<<'JS'
            const svg = document.getElementById('witness');
            return ['violated', 'advised', 'undetermined'].map((verdict) => {
                svg.innerHTML = `<g class="witness witness-${verdict}"><path class="witness-outline" d="M0 0L9 9"/></g>`;
                return getComputedStyle(svg.querySelector('path')).strokeDasharray;
            });
            JS);
        self::assertCount(3, array_unique($dashes));
    }

    /** A wall of screens is read from afar, a laptop from near: texts of pages and plans are larger there, and lie over none. */
    public function test_texts_are_larger_on_a_large_screen(): void
    {
        $this->signIn();
        $read = [];
        foreach ([[1280, 800], [3840, 2160]] as [$width, $height]) {
            Chrome::size($this->browser, $width, $height);
            $this->visit('/revisions/'.Revision::query()->orderBy('id')->firstOrFail()->id);
            /** @var array{float, float} $sizes */
            $sizes = $this->browser->executeScript(<<<'JS'
                const name = document.querySelector('.room-label .room-name').getBoundingClientRect();
                return [parseFloat(getComputedStyle(document.documentElement).fontSize), Math.min(name.height, name.width)];
                JS);
            $read[] = $sizes;
        }
        self::assertGreaterThanOrEqual(1.4 * $read[0][0], $read[1][0]);
        self::assertGreaterThanOrEqual(1.4 * $read[0][1], $read[1][1]);
    }

    /** @return list<string> */
    private static function pages(): array
    {
        $revision = Revision::query()->whereHas('letters')->firstOrFail();
        $scheme = $revision->scheme;

        return [
            '/', '/people', '/account', '/measures', '/rule-books', '/rule-books/us-irc-2021', '/help/briefs',
            "/projects/{$scheme->project_id}", '/projects/'.Revision::query()->orderBy('id')->firstOrFail()->scheme->project_id.'/brief',
            "/schemes/{$scheme->id}/board", "/schemes/{$scheme->id}/elevations", "/schemes/{$scheme->id}/kitchen",
            "/schemes/{$scheme->id}/kitchen/schedule", "/schemes/{$scheme->id}/sheets", "/schemes/{$scheme->id}/survey",
            "/schemes/{$scheme->id}/file", "/schemes/{$scheme->id}/round",
            "/revisions/{$revision->id}", "/revisions/{$revision->id}/letter",
            "/revisions/{$revision->id}/schedules/rooms", "/compare?with[]={$revision->id}",
        ];
    }

    /** @param array<mixed> $media */
    private function emulate(array $media): void
    {
        (new ChromeDevToolsDriver($this->browser))->execute('Emulation.setEmulatedMedia', $media);
    }
}
