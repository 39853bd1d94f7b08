<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Drawing\Sheet;
use App\Exchange\IssueArchive;
use App\Files\TemporaryFile;
use App\Models\Revision;
use App\Models\Role;
use App\Models\Scheme;
use App\Models\User;
use App\Pages\ReviewPages;
use Heurema\Geometry\Point;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** The items of a letter go out as BCF and come back with comments; where things stand in a file is buildingSMART's, from memory. */
final class IssueArchiveTest extends TestCase
{
    use RefreshDatabase;

    private const AREA = 'us-irc-2021/room-area/gr7';
    private const NOTHING_NEW = 'The file has no new comment on an item of the letter.';
    private const BESIDE = 'us-irc-2021/toilet-side/gf17';

    private User $designer;

    private Revision $revision;

    /** The letter has the area of the study and the room beside a water closet. */
    protected function setUp(): void
    {
        parent::setUp();
        $this->designer = User::factory()->create(['role' => Role::Designer]);
        $layout = (new LayoutReader())->read((string) file_get_contents(__DIR__.'/../../database/demo/orchard-terrace.json'));
        $this->revision = $this->app->make(OpenProject::class)->open($this->designer, $layout, null, ['us-irc-2021']);
        $this->actingAs(User::factory()->create(['role' => Role::Reviewer, 'office_id' => $this->designer->office_id]));
        foreach ([self::AREA, self::BESIDE] as $finding) {
            $this->post(
                "/revisions/{$this->revision->id}/rulings",
                ['finding' => $finding, 'kind' => 'uphold', 'words' => 'Wider & <deeper>.'],
            )->assertSessionHasNoErrors();
        }
    }

    /** @return iterable<string, array{string, string, string}> format, version, and where the comments stand */
    public static function versions(): iterable
    {
        yield '2.1' => ['bcf', '2.1', '/Markup/Comment'];
        yield '3.0' => ['bcf3', '3.0', '/Markup/Topic/Comments/Comment'];
    }

    #[DataProvider('versions')]
    public function test_items_are_topics_with_components_of_the_building_model(string $format, string $version, string $comments): void
    {
        $files = $this->archive($format);
        self::assertSame($version, (string) self::xml($files['bcf.version'])['VersionId']);
        self::assertSame($version === '3.0', isset($files['extensions.xml']));
        $model = (string) $this->get("/revisions/{$this->revision->id}/home.ifc")->assertOk()->getContent();
        foreach ([self::AREA, self::BESIDE] as $item) {
            $topic = IssueArchive::topic($this->revision->id, $item);
            $markup = self::xml($files["{$topic}/markup.bcf"]);
            self::assertSame($topic, (string) $markup->Topic['Guid']);
            self::assertSame('Wider & <deeper>.', (string) ($markup->xpath($comments)[0]->Comment ?? ''));
            $viewpoint = self::xml($files["{$topic}/viewpoint.bcfv"]);
            $components = $viewpoint->xpath('//Component/@IfcGuid');
            self::assertNotEmpty($components);
            foreach ($components as $component) {
                self::assertStringContainsString("'{$component}'", $model);
            }
            self::assertSame((string) $viewpoint['Guid'], (string) ($markup->xpath('//*[Snapshot]/@Guid')[0] ?? ''));
            self::assertSame((string) $viewpoint['Guid'], (string) ($markup->xpath("{$comments}/Viewpoint/@Guid")[0] ?? ''));
        }
    }

    /** Whatever is found, and whatever is remarked: one looks at it from above, and what has a picture says so. */
    public function test_every_item_has_a_view(): void
    {
        $report = $this->app->make(ReviewPages::class)->report($this->revision);
        foreach ($report->findings as $finding) {
            if ($finding->verdict()->isOpen()) {
                $this->post(
                    "/revisions/{$this->revision->id}/rulings",
                    ['finding' => $finding->fingerprint(), 'kind' => 'ask', 'words' => 'Why?'],
                )->assertSessionHasNoErrors();
            }
        }
        $this->post("/revisions/{$this->revision->id}/remarks", ['storey' => 'U', 'x' => 3000, 'y' => 2500, 'words' => 'Here?']);
        $this->put("/revisions/{$this->revision->id}/remarks/{$this->revision->remarks()->firstOrFail()->id}")->assertRedirect();
        $draft = (array) $this->get("/revisions/{$this->revision->id}/letter/json")->json();
        $files = $this->archive('bcf3');
        $home = Sheet::of($this->revision->layout)->drawn->grown(3000.0);
        $model = (string) $this->get("/revisions/{$this->revision->id}/home.ifc")->getContent();
        $pictures = 0;
        /** @var list<array{key: string}> $items */
        $items = $draft['items'];
        self::assertGreaterThan(20, count($items));
        foreach ($items as $item) {
            $topic = IssueArchive::topic($this->revision->id, $item['key']);
            $markup = self::xml($files["{$topic}/markup.bcf"]);
            $view = self::xml($files["{$topic}/viewpoint.bcfv"]);
            self::assertSame((string) $view['Guid'], (string) $markup->Topic->Viewpoints->ViewPoint['Guid']);
            self::assertSame(isset($files["{$topic}/snapshot.png"]), isset($markup->Topic->Viewpoints->ViewPoint->Snapshot));
            $pictures += isset($files["{$topic}/snapshot.png"]) ? 1 : 0;
            $eye = $view->OrthogonalCamera->CameraViewPoint;
            self::assertTrue($home->contains(new Point(1000 * (float) $eye->X, 1000 * (float) $eye->Y)), $item['key']);
            self::assertGreaterThan(1.7, (float) $view->OrthogonalCamera->ViewToWorldScale);
            foreach ($view->xpath('//Component/@IfcGuid') ?? [] as $component) {
                self::assertStringContainsString("'{$component}'", $model, $item['key']);
            }
        }
        self::assertGreaterThan(5, $pictures);
        self::assertLessThan(count($items), $pictures);
        $last = $items[count($items) - 1];
        $remark = self::xml($files[IssueArchive::topic($this->revision->id, $last['key']).'/viewpoint.bcfv']);
        $upper = ($this->revision->layout->storey('U')->elevation ?? 0.0) / 1000 + 10;
        self::assertEqualsWithDelta($upper, (float) $remark->OrthogonalCamera->CameraViewPoint->Z, 0.001);
    }

    #[DataProvider('versions')]
    public function test_comments_come_back_as_answers(string $format, string $version, string $comments): void
    {
        $files = $this->archive($format);
        $this->send();
        self::assertNull($this->answer(self::BESIDE));
        $this->take($files)->assertSessionHasNoErrors()->assertSessionHas('status', self::NOTHING_NEW);
        self::assertNull($this->answer(self::BESIDE));

        $topic = IssueArchive::topic($this->revision->id, self::BESIDE);
        $files["{$topic}/markup.bcf"] = self::commented($files["{$topic}/markup.bcf"], $comments, [
            ['2026-11-02T10:00:00+00:00', 'The basin is moved & turned.'],
            ['2026-11-02T11:00:00+02:00', 'We look at it.'],
        ]);
        $foreign = IssueArchive::topic($this->revision->id, 'no item');
        $files["{$foreign}/markup.bcf"] = str_replace($topic, $foreign, $files["{$topic}/markup.bcf"]);
        $this->take($files)->assertSessionHasNoErrors()->assertSessionHas('status', 'One item of the letter has a new answer.');
        self::assertSame('The basin is moved & turned.', $this->answer(self::BESIDE));
        self::assertSame([self::BESIDE], array_keys($this->scheme()->answers ?? []));

        $this->take($files)->assertSessionHas('status', self::NOTHING_NEW);
        $this->scheme()->update(['answers' => [self::BESIDE => 'By telephone: yes.']]);
        $this->take($files)->assertSessionHasNoErrors();
        self::assertSame("By telephone: yes.\nThe basin is moved & turned.", $this->answer(self::BESIDE));
    }

    public function test_what_cannot_be_read_changes_nothing(): void
    {
        $files = $this->archive('bcf');
        $this->take($files)->assertSessionHasErrors(['issues' => 'No letter is out that could be answered.']);
        $this->send();
        $this->get("/schemes/{$this->revision->scheme_id}/file")->assertOk()->assertSee('Answers to the letter');
        $topic = IssueArchive::topic($this->revision->id, self::AREA);
        $entity = '<!DOCTYPE m [<!ENTITY x SYSTEM "file:///etc/passwd">]>'
            .'<Markup><Comment Guid="x"><Comment>&x;</Comment></Comment></Markup>';
        foreach ([
            'no archive' => 'It is no BCF archive that can be opened.',
            'no version' => 'It is no BCF archive: bcf.version is missing.',
            $entity => "{$topic}/markup.bcf cannot be read.",
            '<Markup><Comment>' => "{$topic}/markup.bcf cannot be read.",
            str_repeat(' ', 1024 * 1024 + 1) => "{$topic}/markup.bcf cannot be read.",
        ] as $content => $message) {
            $sent = match ($content) {
                'no archive' => $content,
                'no version' => self::packed(['other' => 'x']),
                default => self::packed([...$files, "{$topic}/markup.bcf" => $content]),
            };
            $this->upload($sent)->assertSessionHasErrors(['issues' => $message]);
        }
        // 64 of the largest are as much as may be
        $markup = str_pad('<Markup>', 1024 * 1024 - 9).'</Markup>';
        $many = ['bcf.version' => 'x'];
        for ($number = 0; $number < 64; ++$number) {
            $many[IssueArchive::topic($number, 'many').'/markup.bcf'] = $markup;
        }
        $this->upload(self::packed($many))->assertSessionHasNoErrors();
        $many["{$topic}/markup.bcf"] = '<Markup/>';
        $this->upload(self::packed($many))->assertSessionHasErrors(['issues' => 'Unpacked it is larger than 64 MB.']);
        $this->post("/schemes/{$this->revision->scheme_id}/issues")->assertSessionHasErrors(['issues' => 'Choose a file.']);
        $this->upload(str_repeat('x', 20 * 1024 * 1024 + 1))->assertSessionHasErrors(['issues' => 'The file is larger than 20 MB.']);
        self::assertNull($this->scheme()->answers);
    }

    public function test_only_who_may_change_the_scheme_takes_answers(): void
    {
        $files = $this->archive('bcf');
        $this->actingAs(User::factory()->create());
        $this->take($files)->assertForbidden();
    }

    private function send(): void
    {
        $this->post("/revisions/{$this->revision->id}/letter")->assertRedirect();
        $this->actingAs($this->designer);
    }

    /** @return array<string, string> contents by name */
    private function archive(string $format): array
    {
        $content = (string) $this->get("/revisions/{$this->revision->id}/letter/{$format}")->assertOk()->getContent();

        return TemporaryFile::with('issues', static function (string $path) use ($content): array {
            file_put_contents($path, $content);
            $zip = new \ZipArchive();
            self::assertTrue($zip->open($path));
            $files = [];
            for ($number = 0; $number < $zip->numFiles; ++$number) {
                $files[(string) $zip->getNameIndex($number)] = (string) $zip->getFromIndex($number);
            }

            return $files;
        });
    }

    /**
     * @param array<string, string> $files
     *
     * @return TestResponse<Response>
     */
    private function take(array $files): TestResponse
    {
        return $this->upload(self::packed($files));
    }

    /** @return TestResponse<Response> */
    private function upload(string $content): TestResponse
    {
        return $this->post(
            "/schemes/{$this->revision->scheme_id}/issues",
            ['issues' => UploadedFile::fake()->createWithContent('issues.bcf', $content)],
        );
    }

    /** @param array<string, string> $files */
    private static function packed(array $files): string
    {
        return TemporaryFile::archive('issues', static function (\ZipArchive $zip) use ($files): void {
            foreach ($files as $name => $content) {
                $zip->addFromString($name, $content);
            }
        });
    }

    /** @param list<array{string, string}> $said date and words of each */
    private static function commented(string $markup, string $comments, array $said): string
    {
        $document = new \DOMDocument();
        $document->loadXML($markup);
        $found = (new \DOMXPath($document))->query("{$comments}/..");
        $parent = $found === false ? null : $found->item(0);
        self::assertInstanceOf(\DOMElement::class, $parent);
        foreach ($said as [$date, $words]) {
            $comment = $document->createElement('Comment');
            $comment->setAttribute('Guid', Str::uuid()->toString());
            foreach (['Date' => $date, 'Author' => 'someone@example.org', 'Comment' => $words] as $name => $value) {
                $comment->appendChild($document->createElement($name))->appendChild($document->createTextNode($value));
            }
            $parent->appendChild($comment);
        }

        return (string) $document->saveXML();
    }

    private static function xml(string $text): \SimpleXMLElement
    {
        return new \SimpleXMLElement($text);
    }

    private function answer(string $item): ?string
    {
        return ($this->scheme()->answers ?? [])[$item] ?? null;
    }

    private function scheme(): Scheme
    {
        return Scheme::query()->findOrFail($this->revision->scheme_id);
    }
}
