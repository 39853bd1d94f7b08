<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Layout\SectionLine;
use Heurema\Projection\Facet;
use Heurema\Projection\Facets;
use Heurema\Projection\SeenLine;
use Heurema\Projection\ViewPlane;
use Heurema\Projection\VisibleLines;
use Heurema\Scene\Material;
use Heurema\Scene\Part;
use Heurema\Scene\Scene;
use Heurema\Scene\UsualSize;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * A home seen upright: one of its faces from outside, or a section with what lies beyond it. In mm across and above the zero of heights.
 */
final readonly class UprightView
{
    /** The ground is drawn so far beyond the home, and is looked at so often. */
    private const BEYOND = 400.0;
    private const STEP = 200.0;

    /** What of the openings is looked at to see whether something stands before them, in shares of their width and height. */
    private const PLACES = [[0.5, 0.5], [0.15, 0.15], [0.85, 0.15], [0.15, 0.85], [0.85, 0.85]];

    /** An opening that is turned away more is not dimensioned: the cosine. */
    private const SQUARE = 0.9999;

    /** @var list<SeenLine> */
    public array $lines;

    /** @var list<Facet> what the plane cuts */
    public array $cuts;

    /** @var list<Facet> panes that nothing stands before */
    public array $panes;

    /** @var list<SeenOpening> from left to right */
    public array $openings;

    /** @var list<Point> the line of the ground, from left to right; empty where nobody said how high it lies */
    public array $ground;

    /** Around all that is seen or cut. */
    public Box $box;

    /** How high the highest of it lies, boards of ceilings left aside. */
    public float $highest;

    private VisibleLines $seen;

    /** @param list<Part> $parts */
    private function __construct(public Home $home, public ViewPlane $plane, array $parts)
    {
        $facets = (new Facets($plane))->of($parts);
        $this->seen = new VisibleLines($facets);
        $this->lines = $this->seen->lines();
        $this->cuts = array_values(array_filter($facets, static fn(Facet $facet): bool => $facet->isCut));
        $this->panes = array_values(array_filter($facets, $this->isWholePane(...)));
        $ends = array_merge(...array_map(static fn(SeenLine $one): array => [$one->line->from, $one->line->to], $this->lines));
        $this->box = $ends === [] ? new Box(0.0, 0.0, 1.0, 1.0) : Box::around($ends);
        $this->highest = max([-INF, ...array_map(
            static fn(Facet $facet): float => $facet->part->material === Material::Ceiling ? -INF : $facet->top,
            $facets,
        )]);
        $this->openings = $this->openings();
        $this->ground = $this->ground();
    }

    /** @return self|null null where nothing is built */
    public static function face(Home $home, HomeSide $side): ?self
    {
        return $home->once("face {$side->key}", static function () use ($home, $side): ?self {
            $parts = self::outside($home, Scene::parts($home));
            $places = self::places($parts);

            return $places === [] ? null : new self($home, ViewPlane::before($side->outward, $places), $parts);
        });
    }

    /** @return self|null null where nothing is built there or beyond */
    public static function section(Home $home, SectionLine $section): ?self
    {
        return $home->once("section {$section->id}", static function () use ($home, $section): ?self {
            $plane = new ViewPlane($section->line());
            $parts = Scene::parts($home);
            $beyond = array_filter(self::places($parts), static fn(Point $place): bool => $plane->away($place) > 0.0);

            return $beyond === [] ? null : new self($home, $plane, $parts);
        });
    }

    /** Where a place of a storey's floor is seen, though something may stand before it; null where it lies before the plane. */
    public function place(string $storey, Point $at): ?Point
    {
        $floor = $this->home->plans[$storey]->storey->elevation ?? 0.0;

        return $this->plane->away($at) < 0.0 ? null : new Point($this->plane->across($at), $floor);
    }

    /** @return list<NamedLevel> from the lowest up */
    public function levels(): array
    {
        return (new NamedLevels($this))->levels();
    }

    /** @return list<Message> what nobody said, and is drawn in a usual size */
    public function taken(): array
    {
        $taken = [];
        foreach ($this->home->layout->storeys as $storey) {
            array_push(
                $taken,
                ...$storey->elevation === null ? [Message::of('upright.elevation', storey: $storey->name)] : [],
                ...$storey->ceiling === null ? [Message::of('upright.ceiling', storey: $storey->name)] : [],
                ...$storey->floorThickness === null ? [Message::of('upright.floor', storey: $storey->name)] : [],
            );
        }
        $unknown = count(array_filter(
            $this->home->openings,
            static fn(PlacedOpening $one): bool => $one->opening->width === null || $one->opening->height === null || $one->sill() === null,
        ));

        return [
            ...$taken,
            ...$unknown === 0 ? [] : [Message::of('upright.openings', count: $unknown)],
            Message::of('upright.roof', thick: Amount::length(UsualSize::ROOF)),
        ];
    }

    /**
     * What is seen of a home from outside: rooms' ceilings and what stands in them are not.
     *
     * @param list<Part> $parts
     *
     * @return list<Part>
     */
    private static function outside(Home $home, array $parts): array
    {
        $inside = [];
        foreach ($home->layout->storeys as $storey) {
            foreach ([...$storey->fixtures, ...$storey->soffits] as $one) {
                $inside[$one->id] = true;
            }
        }

        return array_values(array_filter(
            $parts,
            static fn(Part $part): bool => !isset($inside[$part->element]) && $part->material !== Material::Ceiling,
        ));
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Point>
     */
    private static function places(array $parts): array
    {
        $places = [];
        foreach ($parts as $part) {
            foreach ($part->prisms as $prism) {
                array_push($places, ...$prism->outline->outer->points);
            }
        }

        return $places;
    }

    private function isWholePane(Facet $facet): bool
    {
        if ($facet->part->material !== Material::Glass || $facet->isCut) {
            return false;
        }
        foreach (self::PLACES as [$across, $up]) {
            $at = new Point(
                $facet->left + ($facet->right - $facet->left) * $across,
                $facet->bottom + ($facet->top - $facet->bottom) * $up,
            );
            if ($facet->covers($at->x, $at->y) && $this->seen->at($at) !== $facet) {
                return false;
            }
        }

        return true;
    }

    /** @return list<SeenOpening> */
    private function openings(): array
    {
        $seen = [];
        foreach ($this->home->openings as $opening) {
            $shown = $opening->wall->isOpenBoundary() ? null : $this->opening($opening);
            $seen = [...$seen, ...$shown === null ? [] : [$shown]];
        }
        usort($seen, static fn(SeenOpening $a, SeenOpening $b): int => $a->left <=> $b->left);

        return $seen;
    }

    /** As it is seen from the front, whole; null where it is not. */
    private function opening(PlacedOpening $opening): ?SeenOpening
    {
        $wall = $opening->wall->line();
        [$width, $sill, $height] = UsualSize::ofOpening($opening->opening);
        $middle = $wall->at($opening->opening->at);
        if (abs($wall->direction()->dot($this->plane->line->direction())) < self::SQUARE || $this->plane->away($middle) < 0.0) {
            return null;
        }
        $bottom = ($opening->plan->storey->elevation ?? 0.0) + $sill;
        [$left, $right] = [$this->plane->across($middle) - $width / 2, $this->plane->across($middle) + $width / 2];
        foreach (self::PLACES as [$across, $up]) {
            $at = new Point($left + ($right - $left) * $across, $bottom + $height * $up);
            if ($this->seen->at($at)?->part->element !== $opening->id()) {
                return null;
            }
        }

        return new SeenOpening($opening, $left, $right, $bottom, $bottom + $height);
    }

    /** @return list<Point> */
    private function ground(): array
    {
        $ground = $this->home->ground();
        if (!$ground->isSaid()) {
            return [];
        }
        [$from, $to] = [$this->box->left - self::BEYOND, $this->box->right + self::BEYOND];
        $count = (int) ceil(($to - $from) / self::STEP);
        $line = [];
        for ($number = 0; $number <= $count; ++$number) {
            $across = $from + ($to - $from) * $number / $count;
            $level = $ground->at($this->plane->line->from->plus($this->plane->line->direction()->times($across)));
            $line = [...$line, ...$level === null ? [] : [new Point($across, $level)]];
        }

        return $line;
    }
}
