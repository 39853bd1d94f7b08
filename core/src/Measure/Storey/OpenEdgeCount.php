<?php

declare(strict_types=1);

namespace Heurema\Measure\Storey;

use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\OpenEdge;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<StoreyPlan> */
#[Measures(
    'storey.open_edges',
    AnswerType::Count,
    'How many edges of openings in the floor, stairs and balconies nothing guards where one falls deeper than `drop`.',
    with: ['drop' => AnswerType::Length],
)]
final class OpenEdgeCount extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $edges = $home->openEdges($subject);
        if ($edges->missing !== []) {
            return new Unknown(array_values(array_unique($edges->missing)));
        }
        $drop = $with->number('drop') ?? 0.0;
        $open = self::joined(array_values(array_filter(
            $edges->found,
            static fn(OpenEdge $edge): bool => $edge->drop > $drop + Tolerance::TOUCH,
        )));

        return new Measured(
            Amount::count(count($open)),
            array_map(
                static fn(OpenEdge $edge): Witness => Witness::dimension(
                    $subject->id(),
                    $edge->line,
                    Amount::length($edge->line->length()),
                ),
                $open,
            ),
            $open === []
                ? [Message::of('storey.open_edge_count.no_edge_is_open')]
                : array_map(
                    static fn(OpenEdge $edge): Message => Message::of(
                        'storey.open_edge_count.edge',
                        edge: $edge->name,
                        open: Amount::length($edge->line->length()),
                        drop: Amount::length($edge->drop),
                    ),
                    $open,
                ),
        );
    }

    /**
     * The sides of steps that follow on one another are one edge.
     *
     * @param list<OpenEdge> $edges
     *
     * @return list<OpenEdge>
     */
    private static function joined(array $edges): array
    {
        do {
            $count = count($edges);
            foreach ($edges as $i => $first) {
                foreach ($edges as $j => $second) {
                    $joins = $i !== $j
                        && $first->name === $second->name
                        && abs($first->line->direction()->cross($second->line->direction())) < 1e-3
                        && $first->line->to->distanceTo($second->line->from) < 1.0;
                    if ($joins) {
                        $edges[$i] = new OpenEdge(
                            new Segment($first->line->from, $second->line->to),
                            max($first->drop, $second->drop),
                            $first->name,
                            array_values(array_unique([...$first->of, ...$second->of])),
                        );
                        unset($edges[$j]);

                        continue 3;
                    }
                }
            }
        } while (count($edges) < $count);

        return array_values($edges);
    }
}
