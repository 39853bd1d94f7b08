<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Project;
use App\Models\Scheme;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\Soffit;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Scene\UsualSize;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;

/** The home in the round: what is drawn, what is pointed at, and that it goes along with the plan. */
final class RoundTest extends BrowserTestCase
{
    /** How many colours are on the view, and one number of them all. */
    private const PIXELS = <<<'JS'
        const canvas = document.querySelector('#round-view canvas');
        const copy = document.createElement('canvas');
        [copy.width, copy.height] = [canvas.width, canvas.height];
        const context = copy.getContext('2d');
        context.drawImage(canvas, 0, 0);
        const { data } = context.getImageData(0, 0, copy.width, copy.height);
        const colours = new Set();
        let sum = 0;
        for (let at = 0; at < data.length; at += 4 * 97) {
            colours.add(`${data[at] >> 4} ${data[at + 1] >> 4} ${data[at + 2] >> 4} ${data[at + 3] >> 4}`);
            sum = (sum * 31 + data[at] + 3 * data[at + 1] + 7 * data[at + 2]) % 1000000007;
        }
        return [colours.size, sum];
        JS;

    private const ROUND = 'document.getElementById("round").round';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    private function open(string $address): void
    {
        $this->visit($address);
        $this->patiently()->until(fn(): bool => $this->browser->executeScript('return '.self::ROUND.'?.model !== undefined') === true);
        $this->rest();
    }

    /** Until all that was asked for is drawn. */
    private function rest(): void
    {
        $this->patiently()->until(fn(): bool => $this->browser->executeScript('return '.self::ROUND.'.stage.frame === undefined') === true);
    }

    /** @return array{int, int} */
    private function pixels(): array
    {
        /** @var array{int, int} $read */
        $read = $this->browser->executeScript(self::PIXELS);

        return $read;
    }

    private static function scheme(): Scheme
    {
        return Scheme::query()->whereRelation('project', 'name', '14 Orchard Terrace')->oldest('id')->firstOrFail();
    }

    public function test_it_is_drawn_and_a_still_scene_costs_nothing(): void
    {
        $this->open('/schemes/'.self::scheme()->id.'/round');
        [$colours, $before] = $this->pixels();
        self::assertGreaterThan(12, $colours);
        $frames = $this->find('#round-view')->getAttribute('data-frames');
        usleep(1_200_000);
        self::assertSame($frames, $this->find('#round-view')->getAttribute('data-frames'), 'nothing is drawn while nothing changes');

        foreach ([WebDriverKeys::ARROW_LEFT, '+', WebDriverKeys::ARROW_UP] as $key) {
            $this->find('#round-view')->sendKeys($key);
            $this->rest();
            [, $after] = $this->pixels();
            self::assertNotSame($before, $after);
            $before = $after;
        }
        $this->assertAccessible();
    }

    /** One hundred places of the ground floor, each looked at from straight above: what is chosen there is what the plan has there. */
    public function test_choosing_by_ray_agrees_with_the_plan(): void
    {
        $scheme = self::scheme();
        $home = new Home($scheme->layout);
        $this->open("/schemes/{$scheme->id}/round");
        $this->browser->executeScript(<<<'JS'
            const storey = document.getElementById('round-storey');
            storey.value = 'G';
            storey.dispatchEvent(new Event('input', { bubbles: true }));
            JS);
        mt_srand(20261129);
        [$agreed, $tried] = [0, 0];
        while ($agreed < 100 && ++$tried < 5000) {
            $at = new Point(mt_rand(0, 12000), mt_rand(0, 9000));
            $expected = $this->planned($home, $at);
            if ($expected === null) {
                continue;
            }
            $chosen = $this->browser->executeScript(<<<'JS'
                const { round } = document.getElementById('round');
                const [x, z] = [arguments[0] / 1000, -arguments[1] / 1000];
                round.turning.orbit.target.set(x, 0, z);
                round.stage.camera.position.set(x, 25, z + 0.00001);
                round.turning.orbit.update();
                round.stage.camera.updateMatrixWorld();
                round.chooseMiddle();
                return round.model.chosen;
                JS, [$at->x, $at->y]);
            self::assertSame($expected, $chosen, "at {$at->x}, {$at->y}");
            ++$agreed;
        }
        self::assertSame(100, $agreed);
    }

    /** What the plan has at a place; null where it is too near an edge for both to be sure, or several things stand there. */
    private function planned(Home $home, Point $at): ?string
    {
        foreach ($home->plans['G']->rooms as $room) {
            $outline = $room->outline();
            $near = array_filter($outline?->edges() ?? [], static fn(Segment $edge): bool => $edge->distanceTo($at) < 150.0);
            if ($outline?->contains($at) !== true || $near !== []) {
                continue;
            }
            $here = array_values(array_filter(
                $home->fixturesOn('G'),
                static fn(PlacedFixture $one): bool => $one->bounds?->grown(60.0)->contains($at) === true,
            ));
            $steps = array_merge(...array_map(static fn(PlacedStair $stair): array => $stair->shape->steps, $home->stairs));
            $near = [
                ...array_map(static fn(Step $step): Ring => $step->outline, $steps),
                ...array_map(static fn(Soffit $soffit): Ring => $soffit->outline, $home->plans['G']->storey->soffits),
            ];
            if (count($here) > 1 || array_filter($near, static fn(Ring $one): bool => $one->bounds()->grown(200.0)->contains($at)) !== []) {
                return null;
            }

            return $here === [] ? $room->id() : (self::isWellWithin($here[0]->outline, $at) ? $here[0]->id() : null);
        }

        return null;
    }

    /** Where bodies with rounded corners and seats between legs fill their outlines. */
    private static function isWellWithin(?Ring $outline, Point $at): bool
    {
        $middle = $outline?->bounds()->middle();

        return $middle !== null && $outline->contains($middle->plus($at->minus($middle)->times(1.7)));
    }

    public function test_what_is_chosen_and_changed_goes_along_with_the_plan(): void
    {
        $scheme = self::scheme();
        $this->visit("/schemes/{$scheme->id}/board?storey=G");
        $this->waitFor('#board-checked');
        $this->find('#round-beside-opens')->click();
        $this->browser->switchTo()->frame($this->waitFor('#round-beside-view iframe'));
        $this->patiently()->until(fn(): bool => $this->browser->executeScript('return '.self::ROUND.'?.model !== undefined') === true);

        $this->browser->executeScript(self::ROUND.'.choose("gf17")');
        $this->browser->switchTo()->defaultContent();
        $this->waitFor('#inspector[data-chosen="gf17"]');

        $place = fn(): mixed => $this->browser->executeScript(
            'return document.querySelector("#round-beside-view iframe").contentDocument.getElementById("round").round'
            .'.model.boxOf("gf17").min.toArray().map((m) => Math.round(m * 1000))',
        );
        $before = $place();
        $this->find('#plan-sheet')->sendKeys(WebDriverKeys::ARROW_UP);
        $this->patiently()->until(fn(): bool => $place() !== $before, 'the moved fixture is shown without a reload');

        $this->browser->executeScript("document.querySelector('.row-link[data-subject-id=\"gr7\"]').click()");
        $this->waitFor('#inspector[data-chosen="gr7"]');
        $chosen = fn(): mixed => $this->browser->executeScript(
            'return document.querySelector("#round-beside-view iframe").contentDocument.getElementById("round").round.model.chosen',
        );
        $this->patiently()->until(static fn(): bool => $chosen() === 'gr7');
    }

    /** Every finding that was seen somewhere has its figures in the view, whatever stands before it. */
    public function test_findings_are_drawn_in_the_round(): void
    {
        $revision = Project::query()->where('name', '14 Orchard Terrace')->firstOrFail()->latestRevision;
        self::assertNotNull($revision);
        $this->open("/revisions/{$revision->id}/round");
        /** @var list<array{key: string, subject: string, seen: list<mixed>}> $findings */
        $findings = $this->browser->executeScript('return '.self::ROUND.'.facts.findings');
        self::assertGreaterThan(20, count($findings));
        foreach ($findings as $finding) {
            $this->browser->executeScript(self::ROUND.'.openFinding(arguments[0])', [$finding['key']]);
            $this->rest();
            /** @var array{int, int, string} $shown */
            $shown = $this->browser->executeScript(<<<'JS'
                const view = document.getElementById('round-view').getBoundingClientRect();
                const figures = [...document.querySelectorAll('.round-figure')];
                const seen = figures.filter((figure) => {
                    const box = figure.getBoundingClientRect();
                    const isAcross = box.left < view.right && box.right > view.left;
                    return !figure.hidden && isAcross && box.top < view.bottom && box.bottom > view.top;
                });
                return [figures.length, seen.length, document.getElementById('round').round.model.chosen];
                JS);
            self::assertSame($shown[0], $shown[1], "{$finding['key']}: all of its figures are in view");
            self::assertSame($finding['subject'], $shown[2]);
        }
        $headroom = array_values(array_filter($findings, static fn(array $one): bool => str_contains($one['key'], 'headroom')))[0];
        $this->browser->executeScript(self::ROUND.'.openFinding(arguments[0])', [$headroom['key']]);
        self::assertStringContainsString('6\'-7', $this->find('#round-labels')->getText());
        $this->assertAccessible();
    }

    public function test_walking_keeps_the_eyes_over_the_floor(): void
    {
        $this->open('/schemes/'.self::scheme()->id.'/round');
        $eye = function (): array {
            /** @var array{float, float, float} $place */
            $place = $this->browser->executeScript('return '.self::ROUND.'.stage.camera.position.toArray()');

            return $place;
        };
        $this->find('[data-round="walk"]')->click();
        $this->rest();
        $floor = $this->browser->executeScript('return '.self::ROUND.'.walk.feet.y');
        self::assertIsNumeric($floor);
        self::assertEqualsWithDelta(1.6, $eye()[1] - (float) $floor, 1e-6);
        $begin = $eye();
        $this->find('#round-view')->sendKeys(WebDriverKeys::ARROW_UP);
        $this->rest();
        $end = $eye();
        self::assertNotEquals($begin, $end);
        $this->browser->executeScript(<<<'JS'
            const eye = document.getElementById('round-eye');
            eye.value = '1200';
            eye.dispatchEvent(new Event('input', { bubbles: true }));
            JS);
        $this->rest();
        self::assertEqualsWithDelta($end[1] - 0.4, $eye()[1], 1e-6);
        $this->find('#round-view')->sendKeys(WebDriverKeys::ESCAPE);
        self::assertSame('false', $this->find('[data-round="walk"]')->getAttribute('aria-pressed'));
    }

    /** From the place of each room in sixteen directions: the way lies in rooms, in openings that reach the floor, or outside a door. */
    public function test_one_walks_through_doors_and_not_through_walls(): void
    {
        foreach (Scheme::query()->with('project')->oldest('id')->get()->unique('project_id') as $scheme) {
            $home = new Home($scheme->layout);
            $this->open("/schemes/{$scheme->id}/round");
            $walked = 0;
            foreach ($home->rooms as $room) {
                if ($room->outline() === null) {
                    continue;
                }
                /** @var list<list<array{float, float, float}>> $ways feet, mm */
                $ways = $this->browser->executeScript(<<<'JS'
                    const { round } = document.getElementById('round');
                    round.choose(arguments[0], false);
                    round.startWalking();
                    const begin = round.walk.feet.clone();
                    return [...Array(16).keys()].map((number) => {
                        round.walk.stand(begin);
                        round.walk.heading = (number / 16) * 2 * Math.PI + 0.05;
                        const way = [];
                        for (let step = 0; step < 40; step++) {
                            way.push([round.walk.feet.x * 1000, -round.walk.feet.z * 1000, round.walk.feet.y * 1000]);
                            round.walk.go(1);
                        }
                        return way;
                    });
                    JS, [$room->id()]);
                foreach ($ways as $way) {
                    $walked += $this->assertIsOpen($home, $way);
                }
            }
            self::assertGreaterThan($home->rooms === [] ? -1 : 100, $walked, $scheme->project->name);
        }
    }

    /**
     * @param list<array{float, float, float}> $way
     *
     * @return int steps
     */
    private function assertIsOpen(Home $home, array $way): int
    {
        $steps = 0;
        foreach (array_slice($way, 1) as $number => [$x, $y, $level]) {
            [$fromX, $fromY, $fromLevel] = $way[$number];
            $step = new Segment(new Point($fromX, $fromY), new Point($x, $y));
            if ($step->length() < 1.0) {
                continue;
            }
            ++$steps;
            self::assertLessThan(601.0, abs($level - $fromLevel), 'nobody falls');
            foreach ($home->plans as $plan) {
                $floor = $plan->storey->elevation ?? 0.0;
                if ($level < $floor - 400.0 || $level > $floor + 1500.0 || $fromLevel > $floor + 1500.0) {
                    continue;
                }
                foreach ($plan->storey->standingWalls() as $wall) {
                    $at = $wall->isOpenBoundary() ? null : $wall->line()->lineCrossing($step);
                    if ($at !== null && $wall->line()->distanceTo($at) < 1.0 && $step->distanceTo($at) < 1.0) {
                        self::assertTrue(self::isWayThrough($home, $wall, $at), "through {$plan->wallCalled($wall->id)} at {$x}, {$y}");
                    }
                }
            }
        }

        return $steps;
    }

    /** Whether something reaches the floor there that one walks through. */
    private static function isWayThrough(Home $home, Wall $wall, Point $at): bool
    {
        $along = $wall->line()->along($at);
        foreach ($home->openings as $opening) {
            [$width, $sill] = UsualSize::ofOpening($opening->opening);
            $isThere = $opening->wall->id === $wall->id && abs($opening->opening->at - $along) <= $width / 2;
            if ($isThere && $sill < 400.0 && $opening->opening->kind !== OpeningKind::Window) {
                return true;
            }
        }

        return false;
    }

    /** Step by step along the line that one walks, up and down again. */
    public function test_one_walks_up_stairs_and_down_again(): void
    {
        $climbed = 0;
        foreach (Scheme::query()->with('project')->oldest('id')->get()->unique('project_id') as $scheme) {
            $home = new Home($scheme->layout);
            $climbs = array_filter(array_map(Climb::of(...), $home->stairs), static fn(mixed $one): bool => $one instanceof Climb);
            if ($climbs === []) {
                continue;
            }
            $this->open("/schemes/{$scheme->id}/round");
            foreach ($climbs as $climb) {
                $stair = $climb->stair;
                if ($stair->from?->elevation === null) {
                    continue;
                }
                $path = array_merge(...array_map(static fn(Step $step): array => $step->path(), $stair->shape->steps));
                $foot = $path[0]->minus($stair->shape->steps[0]->front->direction()->left()->times(300.0));
                $places = array_map(static fn(Point $at): array => $at->toArray(), [$foot, ...$path]);
                /** @var array{float, float, string} $reached */
                $reached = $this->browser->executeScript(<<<'JS'
                    const { walk } = document.getElementById('round').round;
                    const [places, floor] = arguments;
                    const along = (way) => {
                        for (const [x, y] of way) {
                            for (let step = 0; step < 400; step++) {
                                const [east, north] = [x / 1000 - walk.feet.x, y / 1000 + walk.feet.z];
                                const length = Math.hypot(east, north);
                                if (length < 0.005) break;
                                walk.heading = Math.atan2(-east, north);
                                const whole = walk.constructor.STEP;
                                walk.constructor.STEP = Math.min(whole, length);
                                walk.go(1);
                                walk.constructor.STEP = whole;
                            }
                        }
                        return walk.feet.y * 1000 - floor;
                    };
                    walk.stand(walk.feet.clone().set(places[0][0] / 1000, floor / 1000, -places[0][1] / 1000));
                    return [along(places), along(places.toReversed())];
                    JS, [$places, $stair->from->elevation]);
                $least = $climb->levels[count($climb->levels) - 2];
                $name = "{$scheme->project->name}, {$stair->name()}";
                self::assertGreaterThan($least - 1.0, $reached[0], "{$name}: up");
                self::assertEqualsWithDelta(0.0, $reached[1], $climb->risers()[0] + 1.0, "{$name}: down");
                ++$climbed;
            }
        }
        self::assertSame(2, $climbed);
    }

    public function test_the_cut_the_storeys_and_the_sun_change_what_is_seen(): void
    {
        $this->open('/schemes/'.self::scheme()->id.'/round');
        $seen = [$this->pixels()[1]];
        $set = function (string $selector, string $change): void {
            $this->browser->executeScript(
                "const field = document.querySelector(arguments[0]); {$change};"
                ."field.dispatchEvent(new Event('input', { bubbles: true }));",
                [$selector],
            );
            usleep(700_000);
            $this->rest();
        };
        foreach ([
            ['#round-cut', 'field.value = "1500"'], ['#round-cut', 'field.value = field.max'],
            ['[name="roof"]', 'field.checked = true'], ['[name="roof"]', 'field.checked = false'],
            ['#round-storey', 'field.value = "G"'], ['[name="furniture"]', 'field.checked = false'],
            ['[name="doors"]', 'field.checked = true'], ['[name="low"]', 'field.checked = true'],
            ['[name="shadows"]', 'field.checked = true'],
            ['#round-hour', 'field.value = "8"'], ['#round-hour', 'field.value = "23"'],
        ] as [$selector, $change]) {
            $set($selector, $change);
            $seen[] = $this->pixels()[1];
        }
        // the uncut home and the one without its roof look as at first
        self::assertCount(count($seen) - 2, array_unique($seen));
        self::assertStringContainsString('below the horizon', $this->find('#round-sun-words')->getText());
        $set('#round-latitude', 'field.value = "95"');
        self::assertStringContainsString('from -90 to 90', $this->find('#round-sun-words')->getText());
    }

    public function test_without_webgl_the_server_draws(): void
    {
        $tools = new ChromeDevToolsDriver($this->browser);
        /** @var array{identifier: string} $script */
        $script = $tools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<'JS'
            const context = HTMLCanvasElement.prototype.getContext;
            HTMLCanvasElement.prototype.getContext = function (kind, ...more) {
                return kind.startsWith('webgl') ? null : context.call(this, kind, ...more);
            };
            JS]);
        try {
            $this->visit('/schemes/'.self::scheme()->id.'/round');
            $this->waitForText('#round-message', 'does not draw in the round');
            $drawn = fn(): bool => $this->browser->executeScript(
                'const image = document.getElementById("round-drawing"); return image.complete && image.naturalWidth > 100;',
            ) === true;
            $this->patiently()->until($drawn);
            $before = $this->find('#round-drawing')->getAttribute('src');
            $this->find('#round-findings button')->click();
            self::assertNotSame($before, $this->find('#round-drawing')->getAttribute('src'));
            $this->patiently()->until($drawn);
            $this->assertAccessible();
        } finally {
            $tools->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $script['identifier']]);
        }
    }
}
