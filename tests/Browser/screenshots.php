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
$shoot('sign-in');
$browser->findElement(WebDriverBy::id('email'))->sendKeys('reviewer@heurema.test');
$browser->findElement(WebDriverBy::id('password'))->sendKeys('daylight')->submit();
$shoot('desk');
$browser->findElement(WebDriverBy::cssSelector('.project-link'))->click();
$shoot('review');
$review = $browser->getCurrentURL();
$browser->get("{$review}?finding=us-irc-2021/toilet-side/gf17");
$shoot('review-witness');
$browser->findElement(WebDriverBy::linkText('Open on the board'))->click();
usleep(800_000);
$browser->get($browser->getCurrentURL().'?select=gw5');
$shoot('board');
