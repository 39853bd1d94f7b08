<?php

declare(strict_types=1);

/*
 * The demo home in the round, in headless Chromium, which draws it without a graphics card: how long its model takes to come, a frame while
 * one turns around it, as multiples of a frame of the empty scene, with shadows too, and how many frames are drawn in three seconds while
 * nothing changes (wanted: none). Needs bin/start or bin/serve in another terminal, PORT or ADDRESS as it tells.
 */

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Chrome;

require __DIR__.'/../vendor/autoload.php';

const FRAMES = <<<'JS'
    const done = arguments[arguments.length - 1];
    const { round } = document.getElementById('round');
    const { stage, turning } = round;
    const pixel = new Uint8Array(4);
    const gl = stage.renderer.getContext();
    const turn = (count) => {
        const times = [];
        for (let frame = 0; frame < count; frame++) {
            const start = performance.now();
            turning.turn(0.05, 0);
            stage.draw();
            // a pixel can only be read when all was drawn
            gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, pixel);
            times.push(performance.now() - start);
        }
        return times.sort((a, b) => a - b)[count >> 1];
    };
    const settled = () => new Promise((then) => setTimeout(then, 1500));
    (async () => {
        const model = performance.getEntriesByType('resource').find(({ name }) => name.includes('.glb'));
        const home = turn(40);
        document.querySelector('[name="shadows"]').click();
        await settled();
        const shadows = turn(20);
        document.querySelector('[name="shadows"]').click();
        await settled();
        await settled();
        const before = round.view.dataset.frames;
        await settled();
        await settled();
        const still = round.view.dataset.frames - before;
        round.model.root.visible = false;
        done({ model: model?.duration, size: model?.transferSize, home, shadows, still, empty: turn(40) });
    })();
    JS;

$address = getenv('ADDRESS') ?: 'http://127.0.0.1:'.(getenv('PORT') ?: '8080');
if (@file_get_contents("{$address}/up", context: stream_context_create(['ssl' => ['verify_peer' => false]])) === false) {
    echo "Nothing answers at {$address}: bin/start or bin/serve first.\n";
    exit;
}
$browser = Chrome::driver();
$browser->get("{$address}/sign-in");
$browser->findElement(WebDriverBy::id('email'))->sendKeys('reviewer@heurema.test');
$browser->findElement(WebDriverBy::id('password'))->sendKeys('daylight')->submit();
$browser->wait(30)->until(static fn (): bool => str_contains($browser->getPageSource(), '14 Orchard'));
$browser->findElement(WebDriverBy::partialLinkText('14 Orchard'))->click();
$says = static fn (string $script): bool => $browser->executeScript("return {$script}") === true;
$browser->wait(30)->until(static fn (): bool => $says('document.querySelector("a[href$=\'/round\']") !== null'));
$browser->executeScript('document.querySelector("a[href$=\'/round\']").click()');
$browser->wait(60)->until(static fn (): bool => $says('document.getElementById("round")?.round?.model !== undefined'));
sleep(2);
/** @var array{model: float, size: int, home: float, shadows: float, still: int, empty: float} $seen */
$seen = $browser->executeAsyncScript(FRAMES);
printf("the model comes within %.0f ms, %.0f kB\n", $seen['model'], $seen['size'] / 1024);
printf("%-32s %6.1f ms\n", 'a frame of the empty scene', $seen['empty']);
foreach (['of the home' => $seen['home'], 'with shadows' => $seen['shadows']] as $what => $time) {
    printf("%-32s %6.1f ms, %5.1f times the empty scene, %.0f a second\n", $what, $time, $time / $seen['empty'], 1000 / $time);
}
printf("%-32s %6d\n", 'frames while nothing changes', $seen['still']);
