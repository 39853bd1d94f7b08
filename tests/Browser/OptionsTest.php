<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Project;
use App\Models\Scheme;
use Facebook\WebDriver\WebDriverBy;

/** A designer weighs options: other steps for a stair, a second scheme beside the first, what the client wishes. */
final class OptionsTest extends BrowserTestCase
{
    private Project $project;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $this->project = Project::query()->where('name', '14 Orchard Terrace')->firstOrFail();
        $this->scheme = $this->project->schemes()->firstOrFail();
        $this->signInAs('designer');
    }

    public function test_other_steps_are_taken_and_the_opening_is_cut(): void
    {
        $this->visit("/schemes/{$this->scheme->id}/stairs/st1");
        $this->waitFor('svg.section');
        $version = $this->scheme->version;
        $critical = $this->find('.section-critical text')->getText();
        $this->find('[aria-label="Take 15 risers"]')->click();
        $this->patiently()->until(fn(): bool => $this->scheme->refresh()->version === $version + 1);
        $this->waitFor('svg.section');
        self::assertCount(14, $this->browser->findElements(WebDriverBy::cssSelector('svg.section .tread')), 'one step more than before');
        $this->find('#headroom')->clear()->sendKeys('2100 mm');
        $this->find('#headroom')->submit();
        $this->patiently()->until(fn(): bool => $this->scheme->refresh()->version === $version + 2);
        $this->waitFor('svg.section');
        self::assertNotSame($critical, $this->find('.section-critical text')->getText());
        $this->assertAccessible();
    }

    public function test_a_second_option_beside_the_first(): void
    {
        $revision = $this->project->latestRevision;
        self::assertNotNull($revision);
        $this->visit("/compare?with[]={$revision->id}&with[]=s{$this->scheme->id}");
        $this->waitFor('.compare-sides');
        $this->browser->findElements(WebDriverBy::xpath('//button[normalize-space()="Another option from it"]'))[1]->click();
        $this->patiently()->until(fn(): bool => $this->project->schemes()->count() === 2);
        $copy = $this->project->schemes()->latest('id')->firstOrFail();
        $this->visit("/compare?with[]=s{$this->scheme->id}&with[]=s{$copy->id}");
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('.changed-mark')));
        $this->find('#with')->findElement(WebDriverBy::cssSelector("option[value=\"{$revision->id}\"]"))->click();
        $this->find('.compare-head .btn')->click();
        $this->patiently()->until(
            fn(): bool => count($this->browser->findElements(WebDriverBy::cssSelector('.compare-sides > section'))) === 3,
        );
        $this->browser->findElement(WebDriverBy::xpath("//button[normalize-space()=\"Pick {$copy->name}\"]"))->click();
        $this->patiently()->until(fn(): bool => $this->project->refresh()->picked_scheme_id === $copy->id);
        $this->assertAccessible();
    }

    public function test_what_the_client_wishes_is_held_against_the_home(): void
    {
        $this->signInAs('reviewer');
        $this->visit("/projects/{$this->project->id}/brief");
        $this->find('.wish:last-child input')->sendKeys('bedrooms of a lot');
        $this->find('.brief-head .btn-primary')->click();
        $this->waitFor('.brief-wishes > .field-error');
        $refused = $this->find('.wish [aria-invalid="true"]');
        self::assertSame('bedrooms of a lot', $refused->getAttribute('value'), 'what was typed stays');
        $refused->clear()->sendKeys('bedrooms of 100 sq ft');
        $this->find('.brief-head .btn-primary')->click();
        $this->waitFor('.brief-saved');
        $this->visit("/schemes/{$this->scheme->id}/board?select=ur2");
        $this->waitFor('#rows [data-finding="brief/bedroom-area/ur2"][data-verdict="violated"]');
        $this->assertAccessible();
    }
}
