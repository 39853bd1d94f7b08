<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Letter;
use App\Models\Project;
use App\Models\Revision;
use App\Models\RevisionState;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A review from submission to sign-off, by two people. */
final class ReviewLifeTest extends BrowserTestCase
{
    public function test_from_submission_to_sign_off(): void
    {
        $project = Project::query()->where('name', 'Cabin at the weir')->firstOrFail();
        $first = $project->latestRevision;
        self::assertNotNull($first);

        // the reviewer upholds one finding by a key, asks about another, waives all that is left
        $this->signIn();
        $this->visit("/revisions/{$first->id}?show=waiting");
        $this->waitFor('#ruling-form');
        $waiting = count($this->browser->findElements(WebDriverBy::cssSelector('.row-link')));
        $this->press('u');
        $this->waitForRows($waiting - 1);
        $this->press('a');
        $this->find('#ruling-words')->sendKeys('How is it meant?');
        $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::ENTER);
        $this->waitForRows($waiting - 2);
        $this->press('z');
        $this->waitForRows($waiting - 1);
        $this->waiveAll();

        // the letter goes out
        $this->visit("/revisions/{$first->id}/letter");
        $this->waitForText('.letter-count', '1 item');
        $this->assertAccessible();
        $this->find('.letter-side .btn-primary')->click();
        $this->waitForText('h1', 'Corrections');
        self::assertSame(1, Letter::query()->where('revision_id', $first->id)->count());

        // the designer reads it, answers and hands in again
        $this->signInAs('designer');
        $this->visit("/revisions/{$first->id}");
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('#ruling-form')));
        $this->find('#answer')->sendKeys('It stays, and here is why.');
        $this->find('.answer-form .btn')->click();
        $this->waitForText('.masthead', 'revision 2');

        // the reviewer reads the answer, waives what was upheld, and signs off
        $this->signInAs('reviewer');
        $second = Revision::query()->where('scheme_id', $first->scheme_id)->where('number', 2)->firstOrFail();
        $this->visit("/revisions/{$second->id}");
        $this->waitForText('.designer-answer', 'It stays, and here is why.');
        $this->find('#ruling-words')->sendKeys('Agreed.');
        $this->press('Escape');
        $this->find('#ruling-form [value="waive"]')->click();
        $this->waitForText('#review-state', 'In review');
        $this->find('#review-state form .btn')->click();
        $this->waitForText('#review-state', 'Signed off');
        self::assertSame(RevisionState::SignedOff, $second->fresh()?->state);
        $this->visit("/projects/{$project->id}");
        $this->waitForText('.log', 'signed off');
        $this->assertAccessible();
    }

    public function test_every_page_is_accessible(): void
    {
        $this->signInAs('principal');
        $revision = Revision::query()
            ->whereHas('scheme.project', static fn($query) => $query->where('name', '14 Orchard Terrace'))
            ->latest('id')
            ->firstOrFail();
        $scheme = $revision->scheme;
        $answered = Revision::query()->where('state', RevisionState::Returned)->latest('id')->firstOrFail()->scheme_id;
        foreach ([
            '/', '/account', '/people', '/outbox', '/rule-books', '/measures', '/rule-books/us-access', "/revisions/{$revision->id}",
            "/revisions/{$revision->id}?finding=us-irc-2021/escape/ur1", "/revisions/{$revision->id}/stairs/st1",
            "/schemes/{$scheme->id}/stairs/st1",
            "/revisions/{$revision->id}/schedules/rooms", "/revisions/{$revision->id}/schedules/windows",
            "/revisions/{$revision->id}/letter", "/compare?with[]={$revision->id}&with[]=s{$scheme->id}",
            "/projects/{$scheme->project_id}/brief", "/projects/{$scheme->project_id}", "/schemes/{$scheme->id}/board",
            "/schemes/{$scheme->id}/survey", "/schemes/{$answered}/file", "/schemes/{$scheme->id}/sheets",
            "/schemes/{$scheme->id}/elevations", "/revisions/{$revision->id}/elevations",
        ] as $path) {
            $this->visit($path);
            $this->waitFor('main');
            $this->assertAccessible();
        }
    }

    private function waiveAll(): void
    {
        while (($left = count($this->browser->findElements(WebDriverBy::cssSelector('.row-link')))) > 0) {
            $this->find('#ruling-words')->sendKeys('So be it.');
            $this->find('#ruling-form [value="waive"]')->click();
            $this->waitForRows($left - 1);
        }
    }

    private function waitForRows(int $count): void
    {
        $this->patiently()->until(
            fn(): bool => count($this->browser->findElements(WebDriverBy::cssSelector('.row-link'))) === $count,
        );
    }
}
