<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Office;
use App\Models\OutgoingMail;
use App\Models\Role;
use App\Models\User;
use App\Pages\HelpPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

/** Who is new: an office of one's own, an example to hand in, help beside every page. */
final class FirstStepsTest extends TestCase
{
    use RefreshDatabase;

    public function test_an_office_is_opened_and_its_principal_sets_a_password(): void
    {
        self::assertSame(0, Artisan::call('heurema:office', ['name' => 'Quay Office', 'email' => 'Ada@quay.test', 'person' => 'Ada Quay']));
        if (preg_match('~/password/(\w+)\?email=(\S+)~', Artisan::output(), $link) !== 1) {
            self::fail('No link was printed.');
        }
        $principal = User::query()->where('email', 'ada@quay.test')->firstOrFail();
        self::assertSame([Role::Principal, 'Quay Office'], [$principal->role, $principal->office->name]);
        self::assertSame(1, OutgoingMail::query()->count());
        self::assertStringContainsString($link[0], self::lastMail());

        $this->get($link[0])->assertOk();
        $this->put('/password', [
            'token' => $link[1], 'email' => urldecode($link[2]),
            'password' => 'nine grey herons', 'password_confirmation' => 'nine grey herons',
        ])->assertRedirect('/sign-in');
        $this->post('/sign-in', ['email' => 'ada@quay.test', 'password' => 'nine grey herons'])->assertRedirect();
        $this->get('/')->assertOk()->assertSee('Nothing is here yet.')->assertSee(route('example'), false);
    }

    public function test_what_is_typed_wrong_opens_nothing(): void
    {
        User::factory()->create(['email' => 'taken@quay.test']);
        $offices = Office::query()->count();
        foreach (['taken@quay.test', 'nobody', ''] as $email) {
            self::assertSame(2, Artisan::call('heurema:office', ['name' => 'Quay', 'email' => $email, 'person' => 'Ada']));
        }
        self::assertSame(2, Artisan::call('heurema:office', ['name' => str_repeat('x', 201), 'email' => 'a@quay.test', 'person' => 'Ada']));
        self::assertSame($offices, Office::query()->count());
    }

    public function test_the_example_home_can_be_handed_in(): void
    {
        $this->actingAs(User::factory()->create());
        $file = (string) $this->get('/example.json')->assertOk()->getContent();
        $upload = UploadedFile::fake()->createWithContent('example.json', $file);
        $this->post('/projects', ['layout' => $upload, 'once' => 'a'])->assertRedirect()->assertSessionHasNoErrors();
    }

    public function test_every_page_of_the_help_is_there_and_its_links_lead_somewhere(): void
    {
        $this->actingAs(User::factory()->create());
        foreach (HelpPage::PAGES as $key => $title) {
            $html = (string) $this->get("/help/{$key}")->assertOk()->assertSee($title)->getContent();
            preg_match_all('~href="[^"]*/help/([\w-]+)(?:#([\w-]+))?"~', $html, $links, PREG_SET_ORDER);
            foreach ($links as $link) {
                $page = HelpPage::of($link[1]) ?? self::fail("{$key} leads to {$link[1]}, which there is not.");
                self::assertTrue(!isset($link[2]) || str_contains($page->html(), "id=\"{$link[2]}\""), "{$key}: {$link[0]}");
            }
            self::assertDoesNotMatchRegularExpression('~href="[^"]*\.md~', $html, 'links to files lead nowhere');
        }
        $this->get('/help')->assertOk()->assertSee('The first quarter of an hour');
        $this->get('/help/operating')->assertNotFound();
        $this->get('/help/..%2F..%2F.env')->assertNotFound();
        self::assertSame(
            ['board', 'kitchens', 'reviewing', 'rule-books', 'start'],
            array_map(HelpPage::beside(...), ['board', 'board.kitchen', 'review', 'rule-book', 'desk']),
        );
        $this->get('/search?q=quarter+hour')->assertOk()->assertSee('Help')->assertSee(route('help.page', 'start'), false);
    }
}
