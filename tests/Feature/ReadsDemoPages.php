<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Letter;
use App\Models\Project;
use App\Models\Revision;
use App\Models\Scheme;
use App\Pages\ReviewPages;
use Heurema\Layout\ElementList;

/** All pages of the demonstration's office, and what people read of them. */
trait ReadsDemoPages
{
    /** @var list<string> what people read of an element besides its text */
    private array $read = ['title', 'alt', 'aria-label', 'placeholder'];

    /** Of findings that are not open, one in so many is shown. */
    private int $sample = 100;

    /** @var array<string, true> the ways in which rules ended, of which one finding each is shown */
    private array $shown = [];

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
            if (!isset($this->shown[$way]) && ($finding->verdict()->isOpen() || $number % $this->sample === 0)) {
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
        $read = implode(' or ', array_map(static fn(string $name): string => "name() = '{$name}'", $this->read));
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
}
