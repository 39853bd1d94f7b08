<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Rulebook\Facts;
use Heurema\Rulebook\RuleBook;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject;
use Heurema\Spatial\SubjectType;
use Heurema\Units\Amount;

/** The facts of one subject of a drawn home. */
final readonly class HomeFacts implements Facts
{
    /** @param array<string, Amount|bool|string> $settings the project's choices */
    public function __construct(
        private Subject $subject,
        private Home $home,
        private Answers $answers,
        private RuleBook $book,
        private array $settings,
    ) {}

    public function name(): string
    {
        return $this->subject->name();
    }

    public function measure(string $measure, Parameters $with): Measurement
    {
        $named = $this->book->vocabulary->quantities[$measure] ?? null;

        return $named === null
            ? $this->answers->of($measure, $this->subject, $this->home, $with)
            : $this->answers->of($named->measure->name(), $this->subject, $this->home, $named->with);
    }

    public function related(string $relation): array
    {
        $related = array_values(array_filter($this->home->subjects(SubjectType::from(rtrim($relation, 's'))), $this->isMine(...)));

        return array_map(fn(Subject $other): self => new self($other, $this->home, $this->answers, $this->book, $this->settings), $related);
    }

    /** A storey has what stands on it, a room what is in it or opens into it, the dwelling everything. */
    private function isMine(Subject $other): bool
    {
        $mine = $this->subject;

        return match (true) {
            $mine instanceof StoreyPlan => $other->storey() === $mine->id(),
            !$mine instanceof RoomSpace => true,
            $other instanceof PlacedOpening => $other->borders($mine),
            $other instanceof PlacedFixture => $other->room === $mine,
            default => $other === $mine,
        };
    }

    public function setting(string $name): Amount|bool|string
    {
        return $this->settings[$name] ?? $this->book->vocabulary->settings[$name]->default;
    }
}
