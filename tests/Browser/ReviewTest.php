<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

final class ReviewTest extends BrowserTestCase
{
    public function test_from_the_sign_in_to_a_measured_violation(): void
    {
        $this->visit('/');
        $this->assertAccessible();
        $this->signIn();
        $this->assertAccessible();

        $this->find('.project-link')->click();
        $this->waitForText('.masthead h1', '14 Orchard Terrace');
        $this->assertAccessible();
        self::assertSame('Floor area of a habitable room', $this->find('#evidence h2')->getText());
        self::assertNotEmpty($this->find('#witness .witness-outline')->getAttribute('d'));

        // step through: the evidence, the list and the witness go along
        $this->press('n');
        $this->waitForText('#evidence h2', 'Least width of a habitable room');
        self::assertStringContainsString('Least width', $this->find('.row-link[aria-current]')->getText());
        $this->waitFor('#witness .dimension');
        self::assertStringContainsString('6\'-6 1/2"', $this->text('#witness'));
        $this->press('p');
        $this->waitForText('#evidence h2', 'Floor area of a habitable room');
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->waitForText('#evidence h2', 'Least width');
    }

    public function test_pointing_at_a_fixture_brings_its_finding_and_the_address(): void
    {
        $this->signIn();
        $this->find('.project-link')->click();
        $this->waitFor('#plan');
        $this->browser->action()->moveToElement($this->find('.fixture[data-subject="gf17"]'))->click()->perform();
        $this->waitForText('#evidence h2', 'Space beside a water closet');
        $this->waitForText('#evidence', '14 3/8"');
        self::assertStringContainsString('required 15"', $this->text('#witness'));
        self::assertStringContainsString('subject=gf17', $this->browser->getCurrentURL());

        // the address alone brings it back
        $this->browser->navigate()->refresh();
        $this->waitForText('#evidence h2', 'Space beside a water closet');
    }

    public function test_storeys_zoom_and_the_list_of_keys(): void
    {
        $this->signIn();
        $this->find('.project-link')->click();
        $this->waitFor('#plan[data-storey="G"]');
        $this->press('s');
        $this->waitFor('#plan[data-storey="U"]');
        self::assertStringContainsString('Main bedroom', $this->text('#plan'));

        $this->press('0');
        $whole = $this->find('#plan')->getAttribute('data-whole');
        self::assertSame($whole, $this->find('#plan')->getAttribute('viewBox'));
        $this->press('+');
        self::assertNotSame($whole, $this->find('#plan')->getAttribute('viewBox'));
        self::assertSame($this->find('#plan')->getAttribute('viewBox'), $this->find('#witness')->getAttribute('viewBox'));
        $this->press('0');
        self::assertSame($whole, $this->find('#plan')->getAttribute('viewBox'));

        $this->press('?');
        $this->waitFor('dialog[open]');
        self::assertStringContainsString('next finding', $this->find('dialog[open]')->getText());
        $this->assertAccessible();
    }

    public function test_a_file_is_handed_in_or_refused_with_the_place(): void
    {
        $this->signIn();
        $bad = (string) tempnam(sys_get_temp_dir(), 'layout');
        file_put_contents($bad, str_replace('"version": 1', '"version": 7', (string) file_get_contents(self::demoFile('weir-cabin'))));
        $this->find('#layout')->sendKeys($bad);
        $this->find('.intake .btn')->click();
        $this->waitForText('#layout-error', '/version: expected 1, found 7');
        self::assertStringContainsString('6 homes', $this->find('.desk-head')->getText());
        $this->browser->manage()->getLog('browser'); // Chromium notes the 422 as an error of the network

        file_put_contents($bad, (string) file_get_contents(self::demoFile('weir-cabin')));
        $this->find('#layout')->sendKeys($bad);
        $this->find('.intake .btn')->click();
        $this->waitForText('.masthead h1', 'Cabin at the weir');
        unlink($bad);
    }

    /** Text of a drawing, which counts as none where an element only has children that are drawn. */
    private function text(string $selector): string
    {
        $text = $this->find($selector)->getDomProperty('textContent');

        return is_string($text) ? $text : '';
    }
}
