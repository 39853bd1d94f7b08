<?php

declare(strict_types=1);

namespace App\Pages;

use App\Drawing\AxonometricDrawing;
use App\Drawing\Svg;
use App\Sheets\SheetStyle;
use Heurema\Geometry\Point;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\WallType;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Review\SpatialWitness;
use Heurema\Scene\TakenSizes;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\SpaceSide;

/** A home in the round with what was found in it. Lengths in mm, z up from the zero of the home's heights. */
final readonly class RoundPage
{
    /** Of the drawing by the server, mm of the home under a pixel. */
    private const SCALE = 15.0;

    /** @var list<Finding> what wants looking at, the most serious first */
    public array $open;

    /** @var list<string> sentences: what nobody said and the scene took in a usual size */
    public array $taken;

    /**
     * @param string $title   of the home, for people
     * @param string $address of this page
     * @param string $model   address of the scene as a binary glTF file
     * @param string $facts   address of what the view needs to know beside it
     * @param string $drawing address of a drawing by the server
     * @param string $plan    address of the plan, where an element is chosen
     * @param string $choose  what the plan calls the chosen element in its address
     * @param string $channel over which pages of the same home tell each other what is chosen and changed
     */
    public function __construct(
        public string $title,
        public string $address,
        public string $model,
        public string $facts,
        public string $drawing,
        public string $plan,
        public string $choose,
        public string $channel,
        public Report $report,
    ) {
        $isOpen = static fn(Finding $one): bool => $one->verdict()->isOpen();
        $this->open = array_values(array_filter($report->worstFirst(), $isOpen));
        $this->taken = $report->home->wording()->all((new TakenSizes($report->home))->messages());
    }

    /** @return list<Storey> highest first */
    public function storeys(): array
    {
        return array_reverse($this->report->home->layout->storeys);
    }

    /**
     * Drawn by the server, for browsers that do not draw in the round.
     *
     * @param string $storey  id; another one: the lowest
     * @param string $finding fingerprint of one that is shown in it, or empty
     */
    public function drawing(string $storey, string $finding): string
    {
        $home = $this->report->home;
        $plan = $home->plans[$storey] ?? array_values($home->plans)[0] ?? null;
        if ($plan === null) {
            return Svg::element('svg', ['xmlns' => 'http://www.w3.org/2000/svg', 'viewBox' => '0 0 1 1']);
        }
        $drawing = new AxonometricDrawing($home, $plan, self::SCALE, $this->report->finding($finding));
        $box = $drawing->box();
        $pinned = Svg::withPinsScaled($drawing->draw(), self::SCALE);
        [$width, $height] = [$box->width() / self::SCALE * SheetStyle::PIXEL, $box->height() / self::SCALE * SheetStyle::PIXEL];

        return Svg::element('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg',
            'width' => round($width, 1).'mm',
            'height' => round($height, 1).'mm',
            'viewBox' => Svg::viewBox($box),
            'role' => 'img',
            'aria-label' => __(':name from above and aside', ['name' => $plan->storey->name]),
        ], Svg::element('style', [], SheetStyle::css((int) round(self::SCALE / SheetStyle::PIXEL), SheetStyle::PIXEL))
            .Svg::element('g', ['class' => 'plan'], $pinned));
    }

    /** @return array<string, mixed> what the view needs to know beside the model */
    public function facts(): array
    {
        $layout = $this->report->home->layout;

        return [
            'units' => $layout->units->value,
            'north' => $layout->north ?? 90.0,
            'storeys' => array_map(static fn(Storey $storey): array => [
                'id' => $storey->id, 'name' => $storey->name, 'floor' => $storey->elevation ?? 0.0, 'ceiling' => $storey->ceiling,
            ], $layout->storeys),
            'rooms' => array_map($this->room(...), $this->report->home->rooms),
            'outer' => $this->outer(),
            'findings' => array_map($this->finding(...), $this->open),
            'taken' => $this->taken,
        ];
    }

    /** @return array<string, mixed> */
    private function room(RoomSpace $room): array
    {
        $home = $this->report->home;
        $storey = $home->plans[$room->storey()]->storey;

        return [
            'id' => $room->id(),
            'name' => $room->name(),
            'storey' => $room->storey(),
            'floor' => ($storey->elevation ?? 0.0) + $room->level(),
            'at' => $room->room->at->toArray(),
            'outline' => array_map(static fn(Point $at): array => $at->toArray(), $room->outline()->outer->points ?? []),
            'members' => array_values(array_unique([
                $room->id(),
                "floor {$room->storey()}",
                ...array_map(static fn(SpaceSide $side): string => $side->wall->id, $room->sides()),
                ...array_map(static fn(PlacedOpening $one): string => $one->id(), $home->openingsOf($room)),
                ...array_map(static fn(PlacedFixture $one): string => $one->id(), $home->fixturesIn($room)),
            ])),
        ];
    }

    /** @return list<string> walls around the home and what is in them: those towards the viewer are looked through */
    private function outer(): array
    {
        $ids = [];
        foreach ($this->report->home->layout->storeys as $storey) {
            foreach ($storey->standingWalls() as $wall) {
                $ids = [...$ids, ...$wall->type === WallType::Interior ? [] : [$wall->id]];
            }
        }
        foreach ($this->report->home->openings as $opening) {
            $ids = [...$ids, ...$opening->wall->type === WallType::Interior ? [] : [$opening->id()]];
        }

        return $ids;
    }

    /** @return array<string, mixed> */
    private function finding(Finding $finding): array
    {
        return [
            'key' => $finding->fingerprint(),
            'subject' => $finding->subject->id(),
            'verdict' => $finding->verdict()->value,
            'storey' => $finding->outcome->witness[0]->storey ?? $finding->subject->storey(),
            'asked' => $finding->missedText() === null ? '' : (string) $finding->limitBriefly(),
            'seen' => array_map(static fn(SpatialWitness $one): array => [
                'line' => $one->line, 'isOutline' => $one->isOutline, 'text' => $one->text,
            ], SpatialWitness::of($finding, $this->report->home)),
        ];
    }
}
