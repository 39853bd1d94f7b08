<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\ChangeScheme;
use App\Models\PictureBeneath;
use App\Models\Scheme;
use App\Models\User;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutWriter;
use Heurema\Layout\Opening;
use Heurema\Layout\Room;
use Heurema\Layout\Wall;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;

/** Homes drawn from nothing at the browser, and the stored document held against what was drawn. */
final class DrawingTest extends BrowserTestCase
{
    use PointsAtPlan;

    /** The document with which the board began. */
    private string $began = '';

    public function test_a_home_of_four_rooms_is_drawn_with_the_mouse(): void
    {
        $this->begin('Mouse');
        $this->tool('rectangle');
        $this->choose('#wall-type', 'exterior');
        $this->clickAt(0, 0);
        $this->clickAt(8000, 6000);
        $this->waitForVersion(2);
        $this->tool('wall');
        $this->choose('#wall-type', 'interior');
        // snapped to the middles of the long walls' faces, then across
        $this->clickAt(4000, 120);
        $this->clickAt(4000, 5880);
        $this->waitForVersion(3);
        $this->press(WebDriverKeys::ESCAPE);
        $this->clickAt(120, 3000);
        $this->clickAt(7880, 3000);
        $this->waitForVersion(4);
        $this->press(WebDriverKeys::ESCAPE.WebDriverKeys::ESCAPE);
        foreach ([
            [2000, 1500, 'living'],
            [6000, 1500, 'kitchen'],
            [2000, 4500, 'bedroom'],
            [6000, 4500, 'bathroom'],
        ] as $number => [$x, $y, $use]) {
            $this->clickAt($x, $y);
            $this->waitFor('#name-space:not([hidden])');
            $this->choose('#space-use', $use);
            $this->find('#name-space button')->click();
            $this->waitForVersion(5 + $number);
        }
        // a door from outside, one in each half of the partition across, a window
        foreach ([[2000, 0, 'door'], [2000, 3000, 'door'], [6000, 3000, 'door'], [8000, 1500, 'window']] as $number => [$x, $y, $kind]) {
            $this->clickAt($x, $y);
            $this->waitFor("[data-act=\"opening\"][data-kind=\"{$kind}\"]")->click();
            $this->waitForVersion(9 + $number);
            $this->press(WebDriverKeys::ESCAPE);
            $this->waitForText('#inspector h2', 'Nothing chosen');
        }
        $this->takeFromList('water_closet');
        $this->moveTo(6600, 5600);
        $this->waitFor('.ghost-trial .fixture');
        $this->clickAt(6600, 5600);
        $this->waitForText('#inspector h2', 'Water closet');
        $this->waitForVersion(13);

        $layout = $this->stored()->layout;
        $storey = $layout->storeys[0];
        self::assertCount(6, $storey->walls);
        self::assertSame(
            ['living', 'kitchen', 'bedroom', 'bathroom'],
            array_map(static fn(Room $room): ?string => $room->use?->value, $storey->rooms),
        );
        $areas = array_map(
            static fn(RoomSpace $room): float => round(($room->outline()?->area() ?? 0.0) / 1e6, 1),
            (new Home($layout))->rooms,
        );
        // outer faces or middles: the pointer's pixel is some 15 mm
        self::assertEqualsWithDelta([10.7, 10.7, 10.7, 10.7], $areas, 0.5);
        self::assertSame(
            ['door', 'door', 'door', 'window'],
            array_map(static fn(Opening $opening): string => $opening->kind->value, $storey->openings),
        );
        $closet = $storey->fixtures[0];
        self::assertEqualsWithDelta(270.0, $closet->facing, 1e-6);
        self::assertEqualsWithDelta(6600.0, $closet->at->x, 20.0);
        $this->undoAll(13);
    }

    public function test_a_home_of_four_rooms_is_drawn_from_the_keyboard(): void
    {
        $this->begin('Keys');
        $this->find('#plan-sheet')->sendKeys('w');
        $this->choose('#wall-type', 'exterior');
        $this->find('#plan-sheet')->click();
        $this->press(WebDriverKeys::ESCAPE);
        $this->find('#plan-sheet')->sendKeys('w'.WebDriverKeys::ENTER);
        $version = 1;
        foreach ([
            [WebDriverKeys::ARROW_RIGHT, '8 m'],
            [WebDriverKeys::ARROW_UP, '6000'],
            [WebDriverKeys::ARROW_LEFT, '800cm'],
            [WebDriverKeys::ARROW_DOWN, '6.0 m'],
        ] as [$arrow, $length]) {
            $this->find('#plan-sheet')->sendKeys($arrow);
            $this->find('#plan-sheet')->sendKeys($length[0]);
            $this->find('#wall-length')->sendKeys(substr($length, 1));
            $this->waitForText('#wall-reading', 'm');
            $this->find('#wall-length')->sendKeys(WebDriverKeys::ENTER);
            $this->waitForVersion(++$version);
        }
        $walls = $this->stored()->layout->storeys[0]->walls;
        self::assertEqualsWithDelta(
            [8000.0, 6000.0, 8000.0, 6000.0],
            array_map(static fn(Wall $wall): float => $wall->line()->length(), $walls),
            1e-6,
        );
        self::assertEqualsWithDelta($walls[0]->from->toArray(), $walls[3]->to->toArray(), 1e-6);

        // partitions beside the outer walls, typed clear
        $this->press(WebDriverKeys::ESCAPE.WebDriverKeys::ESCAPE);
        $this->chooseFromList('w1');
        $this->openDetails(1);
        $this->find('#parallel-distance')->sendKeys('2800'.WebDriverKeys::ENTER);
        $this->waitForVersion(6);
        $this->chooseFromList('w2');
        $this->openDetails(1);
        $this->find('#parallel-distance')->sendKeys('3.8 m'.WebDriverKeys::ENTER);
        $this->waitForVersion(7);
        $spaces = (new Home($this->stored()->layout))->plans['G']->spaces;
        self::assertCount(4, $spaces);

        // two doors equally spaced in the first partition
        $this->chooseFromList('w5');
        $this->openDetails(0);
        $this->choose('#opening-place', 'spaced');
        $this->find('#opening-count')->sendKeys('');
        $this->find('form[data-form="openings"] button')->sendKeys(WebDriverKeys::ENTER);
        $this->waitForVersion(8);
        self::assertCount(2, $this->stored()->layout->storeys[0]->openings);

        // the first partition moved by typing a dimension that it carries
        $this->chooseFromList('w5');
        $field = $this->find('#distance-0');
        $field->clear();
        $field->sendKeys('3000');
        $this->waitFor('.ghost-trial .trial-wall');
        $field->sendKeys(WebDriverKeys::ENTER);
        $this->waitForVersion(9);
        self::assertSame('3000', $this->find('#distance-0')->getAttribute('value'));
        $this->assertAccessible();
        $this->undoAll(9);
    }

    public function test_a_home_is_traced_from_a_picture(): void
    {
        $picture = $this->picture();
        $this->begin('Drawn over', $picture);
        $this->waitFor('#picture-beneath image');
        // its two lower corners were drawn 100 and 700 pixels from the left: 6 m
        [$left, $right] = [$this->pictureBeneath()->picture()->toPlan(100, 400), $this->pictureBeneath()->picture()->toPlan(700, 400)];
        $this->clickAt($left->x, $left->y);
        $this->clickAt($right->x, $right->y);
        $this->find('#picture-distance')->sendKeys('6 m'.WebDriverKeys::ENTER);
        $this->waitForText('#picture-reading', 'Done');
        self::assertEqualsWithDelta(10.0, $this->pictureBeneath()->mm_per_px, 0.1);
        $this->choose('#picture-how', 'straighten');
        [$left, $right] = [$this->pictureBeneath()->picture()->toPlan(100, 400), $this->pictureBeneath()->picture()->toPlan(700, 430)];
        $this->clickAt($left->x, $left->y);
        $this->clickAt($right->x, $right->y);
        $this->patiently()->until(fn(): bool => abs($this->pictureBeneath()->angle) > 1.0);
        self::assertEqualsWithDelta(rad2deg(atan(30 / 600)), $this->pictureBeneath()->angle, 0.3);

        // drawn over: a rectangle over two corners of the picture
        $this->tool('rectangle');
        $beneath = $this->pictureBeneath()->picture();
        [$corner, $opposite] = [$beneath->toPlan(100, 400), $beneath->toPlan(650, 100)];
        $this->clickAt($corner->x, $corner->y);
        $this->clickAt($opposite->x, $opposite->y);
        $this->waitForVersion(2);
        $walls = $this->stored()->layout->storeys[0]->walls;
        self::assertEqualsWithDelta($corner->toArray(), $walls[0]->from->toArray(), 30.0);
        self::assertEqualsWithDelta($opposite->toArray(), $walls[1]->to->toArray(), 30.0);
        $this->assertAccessible();
        unlink($picture);
    }

    public function test_two_people_on_one_scheme(): void
    {
        $this->begin('Contended');
        $this->tool('rectangle');
        $this->clickAt(0, 0);
        $this->clickAt(5000, 4000);
        $this->waitForVersion(2);
        $this->chooseFromList('w2');
        $other = User::query()->where('email', 'designer@heurema.test')->firstOrFail();
        $this->app->make(ChangeScheme::class)->edit($this->stored(), $other, 2, new ChangeValues('w1', ['thickness' => 300]));

        $thickness = $this->find('#field-thickness');
        $thickness->clear();
        $thickness->sendKeys('250'.WebDriverKeys::ENTER);
        $this->waitForText('#board-message', 'Somebody else has changed this scheme');
        self::assertSame([300.0, 240.0], self::thicknesses($this->stored()->layout));
        $this->find('#board-message [data-act="again"]')->click();
        $this->waitForVersion(4);
        self::assertSame([300.0, 250.0], self::thicknesses($this->stored()->layout));
        $this->browser->manage()->getLog('browser'); // Chromium notes the 409 as an error of the network
    }

    public function test_edits_outlive_a_lost_connection_and_a_reload(): void
    {
        $this->begin('Offline');
        $this->tool('rectangle');
        $this->clickAt(0, 0);
        $this->clickAt(5000, 4000);
        $this->waitForVersion(2);
        $this->chooseFromList('w1');
        $before = $this->stored()->layout->storeys[0]->walls[0]->from->y;
        $network = new ChromeDevToolsDriver($this->browser);
        $network->execute('Network.enable');
        $network->execute(
            'Network.emulateNetworkConditions',
            ['offline' => true, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );
        $this->find('#plan-sheet')->sendKeys(WebDriverKeys::ARROW_UP);
        $this->waitForText('#board-message', 'One edit is kept here');
        $this->find('#plan-sheet')->sendKeys(WebDriverKeys::ARROW_UP);
        $this->waitForText('#board-message', '2 edits are kept here');
        self::assertSame(2, $this->stored()->version);
        $network->execute(
            'Network.emulateNetworkConditions',
            ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );
        $this->browser->navigate()->refresh();
        $this->waitForVersion(4);
        self::assertEqualsWithDelta($before + 20.0, $this->stored()->layout->storeys[0]->walls[0]->from->y, 1e-6);
        $this->browser->manage()->getLog('browser'); // Chromium notes the lost connection as errors of the network
    }

    private function begin(string $name, ?string $picture = null): void
    {
        $this->signIn();
        $this->find('#name')->sendKeys($name);
        $this->choose('[name="units"]', 'metric');
        if ($picture !== null) {
            $this->find('.intake-more summary')->click();
            $this->find('#picture')->sendKeys($picture);
        }
        $this->find('form[action$="/drawings"] > button')->click();
        $this->waitFor('#board');
        $this->began = (new LayoutWriter())->write($this->stored()->layout);
    }

    private function tool(string $name): void
    {
        $this->find("button[data-tool=\"{$name}\"]")->click();
    }

    private function choose(string $selector, string $value): void
    {
        (new WebDriverSelect($this->find($selector)))->selectByValue($value);
    }

    private function chooseFromList(string $id): void
    {
        $this->find('#plan-sheet')->sendKeys('e');
        $this->waitFor("#elements[open] [data-choose=\"{$id}\"]")->click();
        $this->waitFor("#inspector[data-chosen=\"{$id}\"]");
    }

    private function openDetails(int $number): void
    {
        $this->browser->findElements(WebDriverBy::cssSelector(
            '#inspector details:not(.of-chosen) summary',
        ))[$number]->sendKeys(WebDriverKeys::ENTER);
    }

    private function waitForVersion(int $version): void
    {
        $this->waitFor("#board-checked[data-version=\"{$version}\"]");
    }

    /** Every edit is undone, after signing in again as well, and the document is as it began. */
    private function undoAll(int $version): void
    {
        $edits = $this->stored()->edits()->where('undone', false)->count();
        $this->browser->navigate()->refresh();
        $this->waitForVersion($version);
        foreach (range(1, $edits) as $number) {
            $this->find('#plan-sheet')->sendKeys('u');
            $this->waitForVersion($version + $number);
        }
        self::assertSame([], $this->stored()->layout->storeys[0]->walls);
        self::assertNotNull($this->find('[data-act="undo"]')->getAttribute('disabled'));
        self::assertSame($this->began, (new LayoutWriter())->write($this->stored()->layout));
    }

    private function stored(): Scheme
    {
        return Scheme::query()->latest('id')->firstOrFail();
    }

    private function pictureBeneath(): PictureBeneath
    {
        return PictureBeneath::query()->latest('id')->firstOrFail();
    }

    /** @return list<float> of the first two walls */
    private static function thicknesses(Layout $layout): array
    {
        return array_map(static fn(Wall $wall): float => $wall->thickness, array_slice($layout->storeys[0]->walls, 0, 2));
    }

    /** A plan as somebody might have sketched it. */
    private function picture(): string
    {
        $path = sys_get_temp_dir().'/heurema-sketch-'.getmypid().'.png';
        $image = imagecreatetruecolor(800, 500);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 255, 255, 255));
        imagesetthickness($image, 6);
        imagerectangle($image, 100, 100, 700, 400, (int) imagecolorallocate($image, 60, 60, 60));
        imagepng($image, $path);

        return $path;
    }
}
