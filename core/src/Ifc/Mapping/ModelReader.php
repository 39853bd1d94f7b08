<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Ifc\Step\Instance;
use Heurema\Ifc\Step\StepFile;
use Heurema\Ifc\Step\UnreadableFile;
use Heurema\Language\Text;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Home;
use Heurema\Words\Message;

/** Reads a home from an open building model (ISO 16739: IFC4, IFC4.3; and IFC2x3), with a report of what became of each element. */
final class ModelReader
{
    private const DOCUMENT = ['IFCDOOR', 'IFCWINDOW', 'IFCROOF', 'IFCMEMBER', 'IFCPLATE'];

    /** Lengths that agree, mm. */
    private const SAME = 0.5;

    /** Beside a wall, mm, one looks for a space. */
    private const LOOK = 60.0;

    /** @throws UnreadableFile when it is no such file, or is broken */
    public static function read(string $text): Import
    {
        return (new self(new Model(new StepFile($text))))->import();
    }

    private function __construct(private readonly Model $model) {}

    private function import(): Import
    {
        $this->refuseMore();
        $storeys = $this->storeys();
        $drafts = array_values(array_map(static fn(array $pair): StoreyDraft => $pair[1], $storeys));
        $this->takeSpaces($storeys);
        $this->takeWalls($storeys);
        foreach ($this->model->file->all(...SlabMapper::TYPES) as $slab) {
            (new SlabMapper($this->model))->map($slab, $drafts);
        }
        $this->takeRest($storeys);
        $stairs = $this->taken((new StairMapper($this->model))->map(...), $drafts, 'IFCSTAIR');
        // flights that are no part of a ramp are ramps of their own
        $ramps = array_merge(...array_map(
            fn(string $type): array => $this->taken((new RampMapper($this->model))->map(...), $drafts, $type),
            RampMapper::TYPES,
        ));
        $this->reportRest();
        $unnamed = $this->takeRooms($drafts);
        $layout = $this->layout($drafts, $stairs, $ramps);
        $check = new SpaceCheck($this->model, self::understood($layout));
        foreach ($drafts as $storey) {
            array_map($check->check(...), $storey->spaces);
        }

        return new Import($layout, $this->model->report, $unnamed);
    }

    /** @throws UnreadableFile when it has more of a kind than a layout may hold */
    private function refuseMore(): void
    {
        $counts = $this->model->file->counts();
        $types = [
            ...WallMapper::TYPES, ...SlabMapper::TYPES, ...BeamMapper::TYPES, ...FixtureMapper::TYPES, ...RampMapper::TYPES,
            ...self::DOCUMENT, 'IFCCOVERING', 'IFCSPACE', 'IFCSTAIR', 'IFCRAILING', 'IFCOPENINGELEMENT', 'IFCVIRTUALELEMENT',
            'IFCBUILDINGSTOREY',
        ];
        foreach ($types as $type) {
            if (($counts[$type] ?? 0) > JsonCursor::MOST_ENTRIES) {
                throw new UnreadableFile(Text::of(
                    'It has {count} {type}: a home has at most {most}.',
                    count: $counts[$type],
                    type: $type,
                    most: JsonCursor::MOST_ENTRIES,
                ));
            }
        }
    }

    /** @return array<int, array{Instance, StoreyDraft}> by entity, lowest first */
    private function storeys(): array
    {
        $storeys = [];
        foreach ($this->model->file->all('IFCBUILDINGSTOREY') as $storey) {
            $placed = $this->model->bodies->placement->of($storey->one('ObjectPlacement'))->origin->z;
            $kept = $this->model->kept->values($storey);
            $storeys[$storey->id] = [$storey, new StoreyDraft(
                $this->model->id($storey),
                mb_substr($storey->text('Name') ?? $storey->text('LongName') ?? 'Storey', 0, 200),
                $placed,
                $kept !== null && abs(self::elevation($kept) - $placed) < self::SAME ? $kept : [],
            )];
            $this->model->report->take($storey);
        }
        if ($storeys === []) {
            throw new UnreadableFile(Text::of('It has no IfcBuildingStorey: no storey to draw on.'));
        }
        uasort($storeys, static fn(array $a, array $b): int => $a[1]->elevation <=> $b[1]->elevation);

        return $storeys;
    }

    /** @param array<string, mixed> $kept of a storey */
    private static function elevation(array $kept): float
    {
        return is_numeric($kept['elevation'] ?? null) ? (float) $kept['elevation'] : 0.0;
    }

    /**
     * The storey that an element stands on; that which its foot is on where the file does not say.
     *
     * @param array<int, array{Instance, StoreyDraft}> $storeys
     */
    private function storeyOf(Instance $element, array $storeys): ?StoreyDraft
    {
        $told = $this->model->relations->storeyOf($element);
        if ($told !== null) {
            return $storeys[$told->id][1] ?? null;
        }
        $solids = $this->model->bodies->of($element);
        $foot = $solids === [] ? null : min(array_map(static fn($solid): float => $solid->bottom(), $solids));
        $drafts = array_column(array_values($storeys), 1);

        return $foot === null ? null : $drafts[StoreyDraft::under($foot, $drafts) ?? 0] ?? null;
    }

    /** @param array<int, array{Instance, StoreyDraft}> $storeys */
    private function takeSpaces(array $storeys): void
    {
        foreach ($this->model->file->all('IFCSPACE') as $space) {
            $storey = $this->storeyOf($space, $storeys);
            if ($storey === null) {
                $this->model->report->leaveOut($space, Message::of('ifc.no_storey'));

                continue;
            }
            $kept = $this->model->bodies->of($space) === [] ? $this->model->kept->element($space) : null;
            if ($kept !== null) {
                $storey->add('rooms', $space, $kept);
                $this->model->report->take($space);

                continue;
            }
            $drawn = (new SpaceMapper($this->model))->draw($space);
            if ($drawn !== null) {
                $storey->spaces[] = $drawn;
            }
        }
        foreach ($this->model->file->all('IFCCOVERING') as $covering) {
            $storey = $this->storeyOf($covering, $storeys);
            $storey === null
                ? $this->model->report->leaveOut($covering, Message::of('ifc.no_storey'))
                : (new CoveringMapper($this->model))->map($covering, $storey);
        }
        foreach ($storeys as [, $storey]) {
            $heights = array_count_values(array_map(
                static fn(DrawnSpace $space): string => (string) $space->height,
                array_filter($storey->spaces, static fn(DrawnSpace $space): bool => $space->height !== null),
            ));
            arsort($heights);
            $storey->ceiling = $heights === [] ? null : (float) array_key_first($heights);
        }
    }

    /** @param array<int, array{Instance, StoreyDraft}> $storeys */
    private function takeWalls(array $storeys): void
    {
        $cut = [];
        foreach ($this->model->file->all(...WallMapper::TYPES) as $element) {
            $storey = $this->storeyOf($element, $storeys);
            if ($storey === null) {
                $this->model->report->leaveOut($element, Message::of('ifc.no_storey'));

                continue;
            }
            $walls = (new WallMapper($this->model))->map($element, $storey);
            if ($walls !== []) {
                array_push($storey->walls, ...$walls);
                $cut[] = [$element, $walls, $storey];
            }
        }
        foreach ($this->model->file->all('IFCVIRTUALELEMENT') as $element) {
            $storey = $this->storeyOf($element, $storeys);
            $boundary = (new WallMapper($this->model))->kept($element);
            if ($storey !== null && $boundary !== null) {
                $storey->walls[] = $boundary;
                $this->model->report->take($element);
            }
        }
        foreach ($storeys as [, $storey]) {
            WallEnds::join($storey->walls);
            $near = new WallsNear($storey->walls);
            foreach ($storey->walls as $wall) {
                $this->tellOuter($wall, $storey, $near);
            }
            array_push($storey->walls, ...OpenBoundaries::of($storey));
        }
        foreach ($cut as [$element, $walls, $storey]) {
            foreach ($this->model->relations->openingsIn($element) as $opening) {
                (new OpeningMapper($this->model))->map($opening, $walls, $storey);
            }
        }
    }

    /** A wall that no space is beside on one side is an outer one, where the file does not say. */
    private function tellOuter(DrawnWall $wall, StoreyDraft $storey, WallsNear $near): void
    {
        if ($wall->isKept() || $wall->type === WallType::Exterior || $wall->element === null || $storey->spaces === []) {
            return;
        }
        foreach ([1, -1] as $side) {
            $beside = $wall->line->offset($side * ($wall->thickness / 2 + self::LOOK));
            $places = array_map(static fn(float $share): Point => $beside->at($share * $beside->length()), [0.2, 0.35, 0.5, 0.65, 0.8]);
            $inside = array_filter(
                $places,
                static fn(Point $place): bool => $storey->spaceAt($place) !== null || $near->isInOne($place),
            );
            if ($inside === []) {
                $wall->type = WallType::Exterior;
                $this->model->report->simplify($wall->element, Message::of('ifc.wall.taken_as_outer'));

                return;
            }
        }
    }

    /** @param array<int, array{Instance, StoreyDraft}> $storeys */
    private function takeRest(array $storeys): void
    {
        $mappers = [
            ['soffits', BeamMapper::TYPES, (new BeamMapper($this->model))->map(...)],
            ['guards', ['IFCRAILING'], (new RailingMapper($this->model))->map(...)],
            ['fixtures', FixtureMapper::TYPES, (new FixtureMapper($this->model))->map(...)],
        ];
        foreach ($mappers as [$list, $types, $map]) {
            foreach ($this->model->file->all(...$types) as $element) {
                $storey = $this->storeyOf($element, $storeys);
                $kept = $this->model->kept->element($element);
                if ($storey !== null && $kept !== null) {
                    $storey->add($list, $element, $kept);
                    $this->model->report->take($element);
                } elseif ($storey === null) {
                    $this->model->report->leaveOut($element, Message::of('ifc.no_storey'));
                } else {
                    $map($element, $storey);
                }
            }
        }
    }

    /**
     * What joins storeys, of a type; a part of something taken is taken with it.
     *
     * @param \Closure(Instance, list<StoreyDraft>): (array<string, mixed>|null) $map
     * @param list<StoreyDraft> $storeys
     *
     * @return list<array<string, mixed>> as a document writes them
     */
    private function taken(\Closure $map, array $storeys, string $type): array
    {
        $taken = [];
        foreach ($this->model->file->all($type) as $element) {
            $one = $this->model->report->has($element) ? null : $map($element, $storeys);
            $taken = [...$taken, ...$one === null ? [] : [$one]];
        }

        return $taken;
    }

    /** What nothing was made of, and why. */
    private function reportRest(): void
    {
        foreach ($this->model->file->all(...self::DOCUMENT, ...SlabMapper::TYPES) as $element) {
            if (!$this->model->report->has($element)) {
                $this->model->report->leaveOut($element, Message::of('ifc.not_read'));
            }
        }
    }

    /**
     * @param list<StoreyDraft> $storeys
     *
     * @return list<string> ids of those whose use is not told
     */
    private function takeRooms(array $storeys): array
    {
        $unnamed = [];
        foreach ($storeys as $storey) {
            foreach ($storey->spaces as $space) {
                $room = (new SpaceMapper($this->model))->room($space, $storey);
                $storey->add('rooms', $space->element, $room);
                $unnamed = [...$unnamed, ...isset($room['use']) ? [] : [$space->id]];
            }
        }

        return $unnamed;
    }

    /** @throws UnreadableFile when its walls make no sense */
    private static function understood(Layout $layout): Home
    {
        try {
            return new Home($layout);
        } catch (UnreadableLayout $e) {
            throw new UnreadableFile(Text::of('What was read makes no home: {why}', why: $e->getMessage()));
        }
    }

    /**
     * @param list<StoreyDraft>          $storeys
     * @param list<array<string, mixed>> $stairs
     * @param list<array<string, mixed>> $ramps
     */
    private function layout(array $storeys, array $stairs, array $ramps): Layout
    {
        $building = $this->model->file->all('IFCBUILDING')[0] ?? null;
        $project = $this->model->file->all('IFCPROJECT')[0];
        $document = array_filter([
            'format' => Layout::FORMAT,
            'version' => Layout::VERSION,
            'name' => mb_substr($building?->text('Name') ?? $project->text('LongName') ?? $project->text('Name') ?? 'Home', 0, 200),
            'units' => $this->model->units->system->value,
            'north' => $this->model->north(),
            'storeys' => array_map(static fn(StoreyDraft $storey): array => $storey->toArray(), $storeys),
            'stairs' => $stairs,
            'ramps' => $ramps === [] ? null : $ramps,
            ...$this->model->kept->values($project) ?? [],
        ], static fn(mixed $value): bool => $value !== null);
        try {
            return (new LayoutReader())->read(json_encode($document, JSON_THROW_ON_ERROR));
        } catch (UnreadableLayout $e) {
            throw new UnreadableFile(Text::of('What was read makes no layout: {why}', why: $e->getMessage()));
        }
    }
}
