<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use Heurema\Language\Text;
use Heurema\Spatial\OpenEdge;

/** The edges of the chosen floor opening, room, stair or terrace over which one can fall. */
final readonly class FallEdges
{
    /** More open edges than these are told together. */
    private const LISTED = 6;

    public function __construct(private Chosen $chosen) {}

    /** The two sides of the chosen floor opening, where it is a rectangle along the sheet. */
    public function size(): ?string
    {
        $outline = $this->chosen->floorOpening()?->outline;
        if ($outline === null) {
            return null;
        }
        $box = $outline->bounds();

        return abs($outline->area() - $box->width() * $box->height()) < 1.0
            ? "{$this->chosen->typed($box->width())} x {$this->chosen->typed($box->height())}"
            : null;
    }

    /** @return list<string> of each edge of the chosen floor opening: is it guarded? */
    public function ofFloorOpening(): array
    {
        $edges = $this->chosen->home->openEdges($this->chosen->plan());
        $open = $edges->found;
        $isLowest = ($this->chosen->home->layout->storeys[0]->id ?? '') === $this->chosen->storey;
        $unknown = $isLowest ? __('no storey is drawn below') : ($edges->missing === [] ? null : __('how deep one falls is not known'));
        $drops = array_map(static fn(OpenEdge $one): float => $one->drop, $open);
        $fall = $drops === [] ? '' : __(', a fall of :length', ['length' => $this->chosen->length(max($drops))]);
        $words = [];
        foreach ($this->chosen->floorOpening()?->outline->counterClockwise()->edges() ?? [] as $edge) {
            $out = $edge->direction()->left()->times(-1);
            $side = abs($out->x) > abs($out->y) ? ($out->x > 0 ? 'right' : 'left') : ($out->y > 0 ? 'upper' : 'lower');
            $length = array_sum(array_map(
                static fn(OpenEdge $one): float => $edge->distanceTo($one->line->middle()) < 1.0
                    && abs($one->line->direction()->cross($edge->direction())) < 0.01
                    ? $one->line->length()
                    : 0.0,
                $open,
            ));
            $words[] = Text::capital($side).', '.$this->chosen->length($edge->length()).': '.($unknown ?? match (true) {
                $length < 1.0 => 'guarded',
                $length > $edge->length() - 1.0 => "open{$fall}",
                default => __('open along :length:fall', ['length' => $this->chosen->length($length), 'fall' => $fall]),
            });
        }

        return $words;
    }

    /** @return list<string> of the edges of the chosen element over which one can fall, how long they are and how deep one falls */
    public function open(): array
    {
        $id = $this->chosen->id();
        $edges = array_values(array_filter(
            $this->chosen->home->openEdges($this->chosen->plan())->found,
            static fn(OpenEdge $edge): bool => in_array($id, $edge->of, true),
        ));
        $fall = $edges === [] ? '' : $this->chosen->length(max(array_map(static fn(OpenEdge $edge): float => $edge->drop, $edges)));
        $together = $this->chosen->length(array_sum(array_map(static fn(OpenEdge $edge): float => $edge->line->length(), $edges)));

        return count($edges) > self::LISTED
            ? [__(':count edges are open, :together together, with a fall of up to :fall', [
                'count' => count($edges),
                'together' => $together,
                'fall' => $fall,
            ])]
            : array_map(
                fn(OpenEdge $edge): string
                    => __(':length open, a fall of :drop', [
                        'length' => $this->chosen->length($edge->line->length()),
                        'drop' => $this->chosen->length($edge->drop),
                    ]),
                $edges,
            );
    }
}
