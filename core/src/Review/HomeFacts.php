<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Rulebook\Facts;
use Heurema\Rulebook\RuleBook;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
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
        return $this->answers->of($measure, $this->subject, $this->home, $with);
    }

    public function related(string $relation): array
    {
        $type = $relation === 'windows' ? SubjectType::Window : SubjectType::Door;
        $openings = $this->subject instanceof RoomSpace ? $this->home->openingsOf($this->subject) : $this->home->openings;
        $ofType = array_values(array_filter($openings, static fn(PlacedOpening $opening): bool => $opening->type() === $type));

        return array_map(fn(PlacedOpening $opening): self => new self($opening, $this->home, $this->answers, $this->book, $this->settings), $ofType);
    }

    public function setting(string $name): Amount|bool|string
    {
        return $this->settings[$name] ?? $this->book->vocabulary->settings[$name]->default;
    }
}
