<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Chrome;

require __DIR__.'/../../vendor/autoload.php';

$address = $argv[1] ?? 'http://127.0.0.1:8080';
$browser = Chrome::driver();
$shoot = static function (string $name) use ($browser): void {
    usleep(500_000);
    $browser->takeScreenshot(dirname(__DIR__, 2)."/docs/screenshots/{$name}.png");
    echo "docs/screenshots/{$name}.png\n";
};

$browser->get("{$address}/sign-in");
$browser->findElement(WebDriverBy::id('email'))->sendKeys('reviewer@heurema.test');
$browser->findElement(WebDriverBy::id('password'))->sendKeys('daylight')->submit();
$shoot('desk');
$browser->findElement(WebDriverBy::partialLinkText('14 Orchard Terrace'))->click();
$shoot('review');
$review = $browser->getCurrentURL();
$browser->get("{$address}/rule-books/us-irc-2021#stair-riser");
$shoot('rule-book');
$browser->get("{$review}?finding=us-irc-2021/toilet-side/gf17");
$shoot('review-witness');
$browser->get("{$review}/round?finding=us-irc-2021/toilet-side/gf17");
sleep(5);
$shoot('round');
$browser->get("{$review}/schedules/rooms");
$shoot('schedule');
// the revision before is the one whose letter was sent
$number = (int) basename((string) parse_url($review, PHP_URL_PATH));
$browser->get("{$address}/revisions/".($number - 1).'/letter');
$shoot('letter');
$browser->get("{$address}/compare?with[]=".($number - 1)."&with[]={$number}&level=1&over=1");
$shoot('compare');
$browser->get("{$review}/stairs/st1");
$shoot('stair');
$browser->get($review);
$browser->findElement(WebDriverBy::linkText('Open on the board'))->click();
usleep(800_000);
$board = strtok($browser->getCurrentURL(), '?');
$browser->get("{$board}?select=gw12");
$shoot('board');
$browser->findElement(WebDriverBy::cssSelector('[data-act="fixtures"]'))->click();
usleep(800_000);
$shoot('board-fixtures');
$browser->executeScript(
    'fetch(arguments[0] + "/dimensions", { method: "POST", headers: { "X-CSRF-TOKEN": '
    .'document.querySelector("meta[name=csrf-token]").content }, body: new URLSearchParams({ outside: "tiers", ends: "dots" }) })',
    [str_replace('/board', '', (string) $board)],
);
usleep(500_000);
$browser->get("{$board}?storey=U");
$shoot('board-dimensions');
$browser->executeScript(
    'fetch(arguments[0] + "/dimensions", { method: "POST", headers: { "X-CSRF-TOKEN": '
    .'document.querySelector("meta[name=csrf-token]").content }, body: new URLSearchParams({ outside: "overall" }) })',
    [str_replace('/board', '', (string) $board)],
);
usleep(500_000);
$browser->get(str_replace('/board', '/sheets', (string) $board));
usleep(1_500_000);
$shoot('sheets');
$browser->get(str_replace('/board', '/elevations?section=c1', (string) $board));
$shoot('section');

$browser->get("{$address}/");
$browser->findElement(WebDriverBy::partialLinkText('2 Heron Reach'))->click();
usleep(800_000);
$browser->findElement(WebDriverBy::linkText('Open on the board'))->click();
usleep(800_000);
$heron = (string) strtok($browser->getCurrentURL(), '?');
$browser->get(str_replace('/board', '/elevations', $heron));
$shoot('elevations');
$browser->get(str_replace('/board', '/kitchen', $heron).'?'.http_build_query([
    'room' => 'br1', 'walls' => ['3-0', '0-0'], 'from' => '900', 'to' => '3700', 'kinds' => [
        'dishwasher',
        'sink',
        'cooktop',
        'refrigerator',
    ],
    'widths' => ['', '800', '', ''], 'places' => ['anywhere', 'window', 'anywhere', 'right'], 'filler' => '25', 'hung' => '1',
]));
$shoot('kitchen');

$browser->get("{$address}/");
$browser->findElement(WebDriverBy::partialLinkText('7 Lantern Row'))->click();
usleep(800_000);
$browser->findElement(WebDriverBy::linkText('Open on the board'))->click();
usleep(800_000);
$browser->get(str_replace('/board', '/survey', (string) strtok($browser->getCurrentURL(), '?')));
$shoot('survey');
// a building model of the home itself takes its place
$browser->get(str_replace('/survey', '/file', $browser->getCurrentURL()));
$browser->executeAsyncScript(
    'const done = arguments[0]; const field = document.getElementById("file"); '
    .'fetch(document.querySelector("a[href$=\'home.ifc\']").href).then((answer) => answer.blob()).then((model) => { '
    .'const files = new DataTransfer(); files.items.add(new File([model], "home.ifc")); field.files = files.files; '
    .'field.form.requestSubmit(); done(); });',
);
sleep(3);
$shoot('files');

$browser->get("{$address}/");
$browser->findElement(WebDriverBy::partialLinkText('3 Quarry Steps'))->click();
usleep(800_000);
$browser->findElement(WebDriverBy::linkText('Brief'))->click();
$shoot('brief');
