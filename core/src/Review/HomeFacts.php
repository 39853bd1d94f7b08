<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Rulebook\Language\Facts;
use Heurema\Rulebook\RuleBook;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;

/** The facts of one subject of a drawn home. */
final readonly class HomeFacts implements Facts
{
    /** @param array<string, Amount|bool|string> $settings the project's choices */
    public function __construct(
        public Subject $subject,
        private Home $home,
        private MeasurementCache $answers,
        private RuleBook $book,
        private array $settings,
    ) {}

    public function id(): string
    {
        return $this->subject->id();
    }

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
        return array_map(
            fn(Subject $other): self => new self($other, $this->home, $this->answers, $this->book, $this->settings),
            $this->mine(SubjectType::from(rtrim($relation, 's'))),
        );
    }

    /**
     * A storey has what stands on it, a room what is in it or opens into it, the dwelling everything.
     *
     * @return list<Subject>
     */
    private function mine(SubjectType $type): array
    {
        $subject = $this->subject;
        if ($subject instanceof RoomSpace) {
            return match ($type) {
                SubjectType::Door, SubjectType::Window => array_values(array_filter(
                    $this->home->openingsOf($subject),
                    static fn(Subject $opening): bool => $opening->type() === $type,
                )),
                SubjectType::Fixture => $this->home->fixturesIn($subject),
                default => [$subject],
            };
        }
        $all = $this->home->subjects($type);

        return $subject instanceof StoreyPlan
            ? array_values(array_filter($all, static fn(Subject $other): bool => $other->storey() === $subject->id()))
            : $all;
    }

    public function setting(string $name): Amount|bool|string
    {
        return $this->settings[$name] ?? $this->book->vocabulary->settings[$name]->default;
    }
}
