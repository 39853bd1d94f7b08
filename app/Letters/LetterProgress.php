<?php

declare(strict_types=1);

namespace App\Letters;

use App\Examination\Basis;
use App\Examination\BookCheck;
use App\Models\Letter;
use App\Models\Scheme;
use App\Models\SchemeEdit;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Layout;
use Heurema\Review\Report;
use Heurema\Spatial\Home;

/** The letter that is out for a scheme, item by item: what has come of each in the drawing since. */
final readonly class LetterProgress
{
    private function __construct(private Scheme $scheme, private Letter $letter) {}

    /** Null when no letter is out. */
    public static function of(Scheme $scheme): ?self
    {
        $letter = $scheme->letterOut();

        return $letter === null ? null : new self($scheme, $letter);
    }

    /** @return list<OpenItem> in the order of their numbers */
    public function items(Report $report): array
    {
        $items = [];
        foreach (self::sent($this->letter) as $item) {
            $isRemark = $item['ruling'] === 'remark';
            $now = $isRemark ? null : $report->finding($item['key']);
            $items[] = new OpenItem(
                number: $item['number'],
                key: $item['key'],
                title: $item['title'],
                clause: $item['clause'],
                subject: $item['subject']['name'] ?? $item['where'],
                asked: $item['words'],
                state: $isRemark ? ItemState::Asked : ItemState::of($now, $item['verdict'], $item['off_by']),
                now: $now,
                answer: $this->scheme->answers[$item['key']] ?? '',
            );
        }

        return $items;
    }

    /**
     * @return list<array{
     *     number: int,
     *     key: string,
     *     title: string,
     *     clause: string,
     *     subject: string,
     *     asked: string|null,
     *     answer: string|null,
     * }>
     *     as the next revision carries them
     */
    public function answered(): array
    {
        return array_map(fn(array $item): array => [
            'number' => $item['number'],
            'key' => $item['key'],
            'title' => $item['title'],
            'clause' => $item['clause'],
            'subject' => $item['subject']['name'] ?? $item['where'],
            'asked' => $item['words'],
            'answer' => $this->scheme->answers[$item['key']] ?? null,
        ], self::sent($this->letter));
    }

    /** @return bool whether the letter has such an item */
    public function has(string $key): bool
    {
        return in_array($key, $this->keys(), true);
    }

    /** @return list<string> of its items */
    public function keys(): array
    {
        return array_column(self::sent($this->letter), 'key');
    }

    /** The id of the revision that it is about. */
    public function revision(): int
    {
        return $this->letter->revision_id;
    }

    /** The edit since the letter after which an item was open no more; null where it was none of them. */
    public function settledBy(int $number, BookCheck $check): ?SchemeEdit
    {
        $item = array_values(array_filter(self::sent($this->letter), static fn(array $one): bool => $one['number'] === $number))[0] ?? null;
        $edits = $this->scheme
            ->edits()
            ->with('user')
            ->where('undone', false)
            ->where('created_at', '>=', $this->letter->created_at)
            ->orderBy('id')
            ->get()
            ->values()
            ->all();
        $edits = array_values($edits);
        if ($item === null || $edits === []) {
            return null;
        }
        $layouts = $this->before($edits);
        $isOpen = fn(Layout $layout): bool => $check
            ->report(new Home($layout), Basis::ofProject($this->scheme->project, $layout->units))
            ->finding($item['key'])
            ?->verdict()
            ->isOpen() === true;
        [$open, $settled] = [0, count($edits)];
        if (!$isOpen($layouts[$open]) || $isOpen($this->scheme->layout)) {
            return null;
        }
        // it was open before the first of these and is not after the last: halve what lies between
        while ($settled - $open > 1) {
            $middle = intdiv($open + $settled, 2);
            [$open, $settled] = $isOpen($layouts[$middle]) ? [$middle, $settled] : [$open, $middle];
        }

        return $edits[$settled - 1];
    }

    /**
     * The drawing before each of the last edits.
     *
     * @param list<SchemeEdit> $edits
     *
     * @return array<int, Layout>
     */
    private function before(array $edits): array
    {
        $editor = new Editor();
        $layout = $this->scheme->layout;
        $layouts = [];
        foreach (array_reverse($edits, true) as $number => $edit) {
            $layout = $editor->apply($layout, $edit->patch->reversed())->layout;
            $layouts[$number] = $layout;
        }

        return $layouts;
    }

    /**
     * @return list<array{
     *     number: int,
     *     key: string,
     *     title: string,
     *     clause: string,
     *     subject: array{id: string, name: string}|null,
     *     where: string,
     *     words: string|null,
     *     ruling: string,
     *     verdict: string,
     *     off_by: float|null,
     * }>
     */
    private static function sent(Letter $letter): array
    {
        $items = [];
        /**
         * @var array{
         *     number: int,
         *     key?: string,
         *     rule?: string,
         *     title: string,
         *     clause: string,
         *     subject: array{id: string, name: string}|null,
         *     where: string,
         *     words: string|null,
         *     ruling: string,
         *     verdict?: string|null,
         *     off_by?: float|null,
         * } $item
         *     as LetterItem wrote it
         */
        foreach (is_array($letter->content['items'] ?? null) ? $letter->content['items'] : [] as $item) {
            $items[] = [
                ...$item,
                'key' => $item['key'] ?? ($item['rule'] ?? '').'/'.($item['subject']['id'] ?? ''),
                'verdict' => $item['verdict'] ?? 'violated',
                'off_by' => $item['off_by'] ?? null,
            ];
        }

        return $items;
    }
}
