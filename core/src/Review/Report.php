<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Language\Language;
use Heurema\Language\Text;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\FloorArea;
use Heurema\Measure\Room\LeastWidth;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\Topics;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;

/** Everything that was found in one home. */
final readonly class Report
{
    /** What names and conditions in its sentences are said in. */
    public Language $language;

    /**
     * @param list<RuleBook> $books
     * @param list<Finding>  $findings in the order of the books' rules
     * @param Language|null  $language none: the one that is spoken
     */
    public function __construct(public Home $home, public array $books, public array $findings, ?Language $language = null)
    {
        $this->language = $language ?? Text::language();
    }

    /** @return array<string, int> by verdict, every verdict named */
    public function counts(): array
    {
        $counts = array_fill_keys(array_map(static fn(Verdict $verdict): string => $verdict->value, Verdict::cases()), 0);
        foreach ($this->findings as $finding) {
            ++$counts[$finding->verdict()->value];
        }

        return $counts;
    }

    /** @return list<Finding> the worst verdict first, else in the books' order */
    public function worstFirst(): array
    {
        $byVerdict = array_fill_keys(array_map(static fn(Verdict $verdict): string => $verdict->value, Verdict::cases()), []);
        foreach ($this->findings as $finding) {
            $byVerdict[$finding->verdict()->value][] = $finding;
        }

        return array_merge(...array_values($byVerdict));
    }

    /** Of the findings with the worst verdict, the one that misses its limit by the largest share of it; null when nothing is open. */
    public function worst(): ?Finding
    {
        $worst = null;
        foreach ($this->worstFirst() as $finding) {
            if (!$finding->verdict()->isOpen() || ($worst !== null && $finding->verdict() !== $worst->verdict())) {
                break;
            }
            $worst = $worst === null || $finding->outcome->shortfall() > $worst->outcome->shortfall() ? $finding : $worst;
        }

        return $worst;
    }

    public function finding(string $fingerprint): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->fingerprint() === $fingerprint) {
                return $finding;
            }
        }

        return null;
    }

    /** @return list<Finding> what other rules say of the same measures of the same subject, the finding itself among them */
    public function beside(Finding $finding): array
    {
        $topics = Topics::of($finding->rule, $finding->book->vocabulary);

        return array_values(array_filter($this->findings, static fn(Finding $other): bool => $other->subject === $finding->subject
            && array_intersect($topics, Topics::of($other->rule, $other->book->vocabulary)) !== []
            && ($other->verdict() !== Verdict::NotApplicable || $other === $finding)));
    }

    /**
     * @param list<Verdict> $only leave out findings of other verdicts; empty: all
     *
     * @return array<string, mixed> as core/schema/findings-1.schema.json has it
     */
    public function toArray(array $only = []): array
    {
        $shown = array_filter(
            $this->findings,
            static fn(Finding $finding): bool => $only === [] || in_array($finding->verdict(), $only, true),
        );

        return [
            'layout' => $this->home->layout->name,
            'books' => array_map(static fn(RuleBook $book): string => $book->id, $this->books),
            'counts' => $this->counts(),
            'rooms' => array_map($this->room(...), $this->home->rooms),
            'findings' => array_values(array_map(static fn(Finding $finding): array => $finding->toArray(), $shown)),
        ];
    }

    /** @return array<string, mixed> */
    private function room(RoomSpace $room): array
    {
        $area = (new FloorArea())->of($room, $this->home, new Parameters());
        $width = (new LeastWidth())->of($room, $this->home, new Parameters());

        return [
            'id' => $room->id(),
            'name' => $room->name(),
            'use' => $room->room->use?->value,
            'storey' => $room->storey(),
            'area_m2' => $area instanceof Measured ? round($area->amount()->number, 6) : null,
            'least_width_mm' => $width instanceof Measured ? round($width->amount()->number, 4) : null,
        ];
    }
}
