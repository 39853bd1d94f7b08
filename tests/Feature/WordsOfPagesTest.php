<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Letter;
use App\Models\Project;
use App\Models\Revision;
use App\Models\Scheme;
use App\Models\User;
use App\Pages\ReviewPages;
use Database\Seeders\DemoOfficeSeeder;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** No page of the demonstration's office shows ids and keys of documents, or what is left of markup; lists of measures and books do. */
final class WordsOfPagesTest extends TestCase
{
    use RefreshDatabase;

    /** What people read of an element besides its text. */
    private const READ = ['title', 'alt', 'aria-label', 'placeholder'];

    /** Of findings that are not open, one in so many. */
    private const SAMPLE = 100;

    /** @var array<string, true> the ways in which rules ended, of which one finding each is shown */
    private array $shown = [];

    public function test_texts_are_words(): void
    {
        $this->app->make(DemoOfficeSeeder::class)->run();
        $this->actingAs(User::query()->where('email', 'principal@heurema.test')->firstOrFail());
        $ids = '/(?<![\w-])(?:'.implode('|', array_map(preg_quote(...), $this->ids())).')(?![\w-])/';
        $found = [];
        foreach ($this->addresses() as $address) {
            foreach ($this->texts($address) as $text) {
                foreach ([
                    'id' => $ids, 'key' => '/\b[a-z]+_[a-z_]+\b/', 'doubled unit' => '/\b(mm|m²|cm|sq ft)\s+\1(?!\w)/u',
                    'entity' => '/&(?:[a-z]+|#\d+);/i', 'placeholder' => '/[{}]|\bnull\b|\bNAN\b|\bINF\b/',
                ] as $what => $pattern) {
                    if (preg_match($pattern, $text) === 1) {
                        $found["{$what}: {$text}"] = $address;
                    }
                }
            }
        }
        self::assertSame([], $found);
    }

    /** @return list<string> */
    private function addresses(): array
    {
        $addresses = ['/', '/people', '/outbox', '/rule-books', '/account', '/examination'];
        foreach (Project::query()->get() as $project) {
            array_push($addresses, "/projects/{$project->id}", "/projects/{$project->id}/brief");
        }
        foreach (Scheme::query()->get() as $scheme) {
            $board = "/schemes/{$scheme->id}";
            foreach (['board', 'elevations', 'kitchen', 'kitchen/schedule', 'sheets', 'survey', 'file'] as $page) {
                $addresses[] = "{$board}/{$page}";
            }
            foreach ($scheme->layout->storeys as $storey) {
                foreach (ElementList::ofStorey() as $list) {
                    $one = $storey->elements($list)[0] ?? null;
                    array_push($addresses, ...$one === null ? [] : ["{$board}/board?storey={$storey->id}&select={$one->id()}"]);
                }
            }
            foreach ($scheme->layout->stairs as $stair) {
                array_push($addresses, "{$board}/stairs/{$stair->id}", "{$board}/board?select={$stair->id}");
            }
        }
        foreach (Revision::query()->with('statements')->get() as $revision) {
            array_push($addresses, ...$this->ofRevision($revision));
        }

        return [...$addresses, ...array_map(
            static fn(Letter $letter): string => "/letters/{$letter->id}",
            Letter::query()->get()->all(),
        )];
    }

    /** @return list<string> */
    private function ofRevision(Revision $revision): array
    {
        $address = "/revisions/{$revision->id}";
        $addresses = ["{$address}/letter", "{$address}/letter/paper", "{$address}/elevations", "{$address}/kitchen"];
        foreach (['rooms', 'doors', 'windows', 'fixtures', 'stairs', 'ramps', 'finishes', 'areas'] as $kind) {
            $addresses[] = "{$address}/schedules/{$kind}";
        }
        array_push($addresses, "/compare?with[]={$revision->id}&with[]=s{$revision->scheme_id}", "{$address}?show=all");
        foreach ($this->app->make(ReviewPages::class)->report($revision)->findings as $number => $finding) {
            $way = "{$finding->rule->id} {$finding->verdict()->value}";
            if (!isset($this->shown[$way]) && ($finding->verdict()->isOpen() || $number % self::SAMPLE === 0)) {
                $this->shown[$way] = true;
                $addresses[] = "{$address}?finding=".urlencode($finding->fingerprint());
            }
        }

        return $addresses;
    }

    /** @return list<string> what people read of a page: its texts and what is said beside its drawings and fields */
    private function texts(string $address): array
    {
        $document = new \DOMDocument();
        $html = (string) $this->get($address)->assertOk()->getContent();
        @$document->loadHTML('<?xml encoding="utf-8"?>'.$html);
        $path = new \DOMXPath($document);
        $read = implode(' or ', array_map(static fn(string $name): string => "name() = '{$name}'", self::READ));
        $texts = [];
        // what one types rules into shows how they are written
        $found = $path->query(
            "//text()[not(ancestor::script or ancestor::style or ancestor::textarea)] | //*[not(self::textarea)]/@*[{$read}]",
        );
        foreach ($found === false ? [] : $found as $node) {
            $texts[] = trim((string) preg_replace('/\s+/', ' ', $node->nodeValue ?? ''));
        }

        return array_values(array_filter($texts, static fn(string $text): bool => $text !== ''));
    }

    /** @return list<string> of everything drawn that cannot be taken for a word */
    private function ids(): array
    {
        $ids = [];
        foreach (Scheme::query()->get() as $scheme) {
            array_push($ids, ...self::idsOf($scheme->layout));
        }

        return array_values(array_unique(array_filter($ids, static fn(string $id): bool => preg_match('/[a-z]\d/', $id) === 1)));
    }

    /** @return list<string> */
    private static function idsOf(Layout $layout): array
    {
        $ids = [];
        foreach ([$layout, ...$layout->storeys] as $holder) {
            foreach (ElementList::cases() as $list) {
                $elements = $list->isOfStorey() === ($holder !== $layout) ? $holder->elements($list) : [];
                array_push($ids, ...array_map(static fn($element): string => $element->id(), $elements));
            }
        }

        return $ids;
    }
}
