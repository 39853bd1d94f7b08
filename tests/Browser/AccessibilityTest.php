<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Letter;
use App\Models\Revision;
use App\Models\Scheme;
use Facebook\WebDriver\WebDriverKeys;
use Heurema\Layout\ElementList;

/** Every page, and what opens on it, by axe-core: WCAG 2.2 AA and its best practices, no fault of any weight. */
final class AccessibilityTest extends BrowserTestCase
{
    private const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

    /** @var list<string> what was found on all pages of a test */
    private array $found = [];

    public function test_before_one_has_signed_in(): void
    {
        foreach (['/sign-in', '/password', '/nowhere', '/password?email[]=x'] as $page) {
            $this->visit($page);
            $this->look($page);
        }
        self::assertSame([], $this->found);
        $this->browser->manage()->getLog('browser');
    }

    public function test_every_page(): void
    {
        $this->signInAs('principal');
        $revision = Revision::query()->whereHas('letters')->firstOrFail();
        $scheme = $revision->scheme;
        $letter = Letter::query()->firstOrFail();
        foreach ([
            '/', '/people', '/account', '/outbox', '/measures', '/rule-books', '/rule-books/us-irc-2021',
            '/rule-books/us-irc-2021?q=stair', "/projects/{$scheme->project_id}", "/projects/{$scheme->project_id}/brief",
            "/schemes/{$scheme->id}/board", "/schemes/{$scheme->id}/elevations", "/schemes/{$scheme->id}/kitchen",
            "/schemes/{$scheme->id}/round",
            "/schemes/{$scheme->id}/kitchen/schedule", "/schemes/{$scheme->id}/sheets", "/schemes/{$scheme->id}/survey",
            "/schemes/{$scheme->id}/file", "/revisions/{$revision->id}", "/revisions/{$revision->id}/elevations",
            "/revisions/{$revision->id}/letter", "/letters/{$letter->id}",
            ...array_map(
                static fn(string $kind): string => "/revisions/{$revision->id}/schedules/{$kind}",
                ['rooms', 'doors', 'windows', 'fixtures'],
            ),
            '/compare?'.http_build_query(['with' => Revision::query()->where('scheme_id', $scheme->id)->limit(2)->pluck('id')->all()]),
        ] as $page) {
            $this->visit($page);
            $this->look($page);
        }
        self::assertSame([], $this->found);
        $this->browser->manage()->getLog('browser');
    }

    /** Dialogs, tools with their fields, and each kind of element that can be chosen. */
    public function test_what_opens_on_the_board(): void
    {
        $this->signIn();
        $scheme = $this->openBoard();
        foreach (['dimensions', 'sheet', 'fixtures', 'blocks'] as $act) {
            $this->visit("/schemes/{$scheme->id}/board");
            $this->waitFor('#board-checked');
            $this->waitFor("[data-act=\"{$act}\"]")->click();
            usleep(300_000);
            $this->look($act);
        }
        foreach ([
            '?' => '#keys[open]', 'e' => '#elements[open]', '/' => '#search[open]', 'k' => '#measure-options:not([hidden])',
        ] as $key => $opens) {
            $this->visit("/schemes/{$scheme->id}/board");
            $this->waitFor('#board-checked');
            $this->press($key);
            $this->waitFor($opens);
            $this->look("key {$key}");
        }
        $kinds = [];
        foreach (Scheme::query()->get() as $one) {
            $kinds += array_map(static fn(array $at): array => [$one->id, ...$at], $this->oneOfEach($one));
        }
        self::assertGreaterThan(8, count($kinds));
        foreach ($kinds as $list => [$home, $storey, $id]) {
            $this->visit("/schemes/{$home}/board?storey={$storey}&select={$id}");
            $this->waitFor("#inspector[data-chosen=\"{$id}\"]");
            $this->look("one of {$list}");
        }
        self::assertSame([], $this->found);
    }

    /** Chosen by keyboard, the focus is never lost to a part of the page that was drawn anew. */
    public function test_the_focus_stays_where_it_is_when_parts_are_drawn_anew(): void
    {
        $this->signIn();
        $this->openBoard();
        $this->find('#plan-sheet')->click();
        $this->browser->executeScript("document.getElementById('plan-sheet').focus()");
        for ($step = 0; $step < 3; ++$step) {
            $this->press(']');
            usleep(600_000);
            self::assertNotSame('BODY', $this->browser->executeScript('return document.activeElement.tagName'), "after {$step}");
        }
        $this->press(WebDriverKeys::ESCAPE);
    }

    /** @return array<string, array{string, string}> the storey and id of the first of each list of a scheme */
    private function oneOfEach(Scheme $scheme): array
    {
        $found = [];
        foreach ($scheme->layout->storeys as $storey) {
            foreach (['walls', 'openings', 'rooms', 'fixtures', 'voids', 'soffits', 'guards', 'terraces', 'notes'] as $list) {
                $first = $storey->elements(ElementList::from($list))[0] ?? null;
                $found += $first === null ? [] : [$list => [$storey->id, $first->id()]];
            }
        }
        foreach ($scheme->layout->stairs as $stair) {
            $found += ['stairs' => [$stair->fromStorey ?? $stair->toStorey, $stair->id]];
        }

        return $found;
    }

    private function look(string $at): void
    {
        $this->browser->executeScript((string) file_get_contents(base_path('node_modules/axe-core/axe.min.js')));
        /** @var list<string> $found */
        $found = $this->browser->executeAsyncScript(<<<'JS'
            const [rules, done] = arguments;
            axe.run({ runOnly: rules }).then((result) => done(result.violations
                .map((one) => `${one.id}: ${one.nodes.map((node) => node.target.join(' ')).join(', ')}`)));
            JS, [self::RULES]);

        $this->found = [...$this->found, ...array_map(static fn(string $fault): string => "{$at}: {$fault}", $found)];
    }
}
