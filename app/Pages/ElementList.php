<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Scheme;
use Heurema\Drafting\Chain;
use Heurema\Drafting\RoomChains;
use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Axis;
use Heurema\Layout\Block;
use Heurema\Layout\Fixture;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\Guard;
use Heurema\Layout\SectionLine;
use Heurema\Layout\Soffit;
use Heurema\Layout\Terrace;
use Heurema\Layout\Wall;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\FloorArea;
use Heurema\Spatial\Home;
use Heurema\Spatial\Neighbour;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\WallDatum;
use Heurema\Units\Amount;
use Heurema\Units\Quantity;

/** All that is drawn on a storey, in words: for those who do not see the drawing, and to choose from without pointing. */
final readonly class ElementList
{
    private Home $home;

    public function __construct(private Scheme $scheme, private string $storey)
    {
        $this->home = new Home($scheme->layout);
    }

    /** @return array<string, array<string, array{string, string}>> by kind, each id with its name and its values */
    public function groups(): array
    {
        $plan = $this->home->plans[$this->storey] ?? null;
        if ($plan === null) {
            return [];
        }
        $here = fn(PlacedOpening|PlacedFixture $placed): bool => $placed->storey() === $this->storey;

        $groups = [
            __('Axes') => self::listed(
                $this->home->layout->axes,
                fn(Axis $axis): array => [__('Axis :name', [
                    'name' => $axis->name,
                ]), __(':length long', ['length' => $this->home->length($axis->line()->length())])],
            ),
            __('Section lines') => self::listed(
                $this->home->layout->sections,
                fn(SectionLine $one): array => [__('Section :name', [
                    'name' => $one->name,
                ]), __(':length long', ['length' => $this->home->length($one->line()->length())])],
            ),
            __('Blocks') => self::listed(
                $plan->storey->blocks,
                fn(Block $block): array => [$block->name, __(':width by :depth', [
                    'width' => $this->home->length($block->width),
                    'depth' => $this->home->length($block->depth),
                ])],
            ),
            __('Rooms') => self::listed($plan->rooms, fn(RoomSpace $room): array => [$room->name(), $this->room($room)]),
            __('Walls') => self::listed($plan->storey->walls, fn(Wall $wall): array => [$plan->wallCalled($wall->id), $this->wall($wall)]),
            __('Doors, windows, bare openings') => self::listed(
                array_filter($this->home->openings, $here),
                fn(PlacedOpening $opening): array => [$opening->name(), $this->opening($opening)],
            ),
            __('Roof windows') => self::listed(
                array_filter($this->home->roofWindows, $here),
                fn(PlacedOpening $window): array => [$window->name(), $this->roofWindow($window)],
            ),
            __('Stairs') => self::listed(
                array_filter(
                    $this->home->stairs,
                    fn(PlacedStair $stair): bool => in_array($this->storey, [$stair->from?->id, $stair->to->id], true),
                ),
                fn(PlacedStair $stair): array => [$stair->name(), $this->stair($stair)],
            ),
            __('Ramps') => self::listed(
                array_filter($this->home->ramps, fn(PlacedRamp $ramp): bool => $ramp->storey() === $this->storey),
                static fn(PlacedRamp $ramp): array => [
                    $ramp->name(),
                    count($ramp->shape->parts) === 1
                        ? __('one run')
                        : __(':count runs and landings', ['count' => count($ramp->shape->parts)]),
                ],
            ),
            __('Floor openings') => self::listed($plan->storey->voids, fn(FloorOpening $void): array => [
                __('Floor opening :void', ['void' => $this->home->marks()->of($void->id)]), $this->void($void),
            ]),
            __('Terraces') => self::listed(
                $plan->storey->terraces,
                fn(Terrace $terrace): array => [$terrace->name, $this->terrace($terrace)],
            ),
            __('Guards') => self::listed($plan->storey->guards, fn(Guard $guard): array => [
                __('Guard :guard', ['guard' => $this->home->marks()->of($guard->id)]), $this->guard($guard),
            ]),
            __('Soffits and beams') => self::listed(
                $plan->storey->soffits,
                fn(Soffit $soffit): array => [
                    __('Soffit :soffit', ['soffit' => $this->home->marks()->of($soffit->id)]),
                    $soffit->underside === null
                        ? __('underside not said')
                        : __('underside :underside above the floor', ['underside' => $this->home->length($soffit->underside)]),
                ],
            ),
            __('Fixtures') => self::listed(
                array_filter($this->home->fixtures, $here),
                fn(PlacedFixture $fixture): array => [$fixture->name(), $this->fixture($fixture->fixture)],
            ),
        ];

        return array_filter($groups, static fn(array $elements): bool => $elements !== []);
    }

    public function address(): string
    {
        return route('board', $this->scheme);
    }

    private function room(RoomSpace $room): string
    {
        $area = (new FloorArea())->of($room, $this->home, new Parameters());

        return implode(', ', array_filter([
            Text::word($room->room->use->value ?? __('no use')),
            $area instanceof Measured ? $this->home->write($area->amount()) : __('not closed'),
            $this->sides($room),
            $this->beside($room),
        ], static fn(string $part): bool => $part !== ''));
    }

    /** How long and wide it is between its walls, along its longest side and across it. */
    private function sides(RoomSpace $room): string
    {
        return implode(__(' by '), array_map(
            fn(Chain $chain): string => $this->home->length($chain->overall()[0]->length()),
            array_filter(RoomChains::of($room, WallDatum::Finished), static fn(Chain $chain): bool => $chain->overall() !== []),
        ));
    }

    /** What lies behind its walls, each once, in order around it. */
    private function beside(RoomSpace $room): string
    {
        $names = array_map(
            static fn(Neighbour $one): string => $one->beyond->isOutside() ? __('the outside') : $one->beyond->words(),
            $this->home->plans[$room->storey()]->neighbours($room),
        );

        return $names === [] ? '' : __('beside :list', ['list' => implode(', ', array_unique($names))]);
    }

    private function guard(Guard $guard): string
    {
        $length = array_sum(array_map(
            static fn(Point $from, Point $to): float => $from->distanceTo($to),
            array_slice($guard->line, 0, -1),
            array_slice($guard->line, 1),
        ));

        return __(':length long, :it:it2', [
            'length' => $this->home->length($length),
            'it' => $guard->height === null ? __('height not said') : __(':height high', ['height' => $this->home->length($guard->height)]),
            'it2' => $guard->filling === null ? '' : ", {$guard->filling->words()}",
        ]);
    }

    private function wall(Wall $wall): string
    {
        return __(':type, :length long:it', [
            'type' => $wall->type->value,
            'length' => $this->home->length($wall->line()->length()),
            'it' => $wall->isOpenBoundary() ? '' : __(', :thickness thick', ['thickness' => $this->home->length($wall->thickness)]),
        ]);
    }

    private function opening(PlacedOpening $placed): string
    {
        $opening = $placed->opening;

        return implode(', ', [
            $opening->width === null ? __('width not said') : __(':width wide', ['width' => $this->home->length($opening->width)]),
            $opening->height === null ? __('height not said') : __(':height high', ['height' => $this->home->length($opening->height)]),
            __('in the :wall, its middle :at from the wall’s start', [
                'wall' => Text::small($placed->plan->wallCalled($opening->wall)),
                'at' => $this->home->length($opening->at),
            ]),
        ]);
    }

    private function roofWindow(PlacedOpening $window): string
    {
        [$opening, $sill, $head] = [$window->opening, $window->sill(), $window->head()];

        return implode(', ', [
            $opening->width === null ? __('width not said') : __(':width wide', ['width' => $this->home->length($opening->width)]),
            $opening->height === null
                ? __('height not said')
                : __(':height along the slope', ['height' => $this->home->length($opening->height)]),
            $sill === null || $head === null
                ? __('its height above the floor not said')
                : __('from :sill to :head above the floor', ['sill' => $this->home->length($sill), 'head' => $this->home->length($head)]),
        ]);
    }

    private function stair(PlacedStair $stair): string
    {
        return implode(', ', [
            __(':risers risers', ['risers' => $stair->stair->risers()]),
            $stair->stair->width === null
                ? __('width not said')
                : __(':width wide', ['width' => $this->home->length($stair->stair->width)]),
            __('to :name', ['name' => $stair->to->name]),
        ]);
    }

    private function void(FloorOpening $void): string
    {
        $box = $void->outline->bounds();

        return __(':width by :height', ['width' => $this->home->length($box->width()), 'height' => $this->home->length($box->height())]);
    }

    private function terrace(Terrace $terrace): string
    {
        return $this->home->write(Amount::drawnArea($terrace->outline->area())).', '.match (true) {
            $terrace->level === null => __('level not said'),
            abs($terrace->level) < Quantity::SAME_LENGTH => __('as high as the floor'),
            default => $this->home->length(abs($terrace->level)).($terrace->level > 0 ? __(' above the floor') : __(' below the floor')),
        };
    }

    private function fixture(Fixture $fixture): string
    {
        return implode(', ', [
            $fixture->width === null ? __('width not said') : __(':width wide', ['width' => $this->home->length($fixture->width)]),
            $fixture->depth === null ? __('depth not said') : __(':depth deep', ['depth' => $this->home->length($fixture->depth)]),
            __('facing :it°', ['it' => round($fixture->facing)]),
        ]);
    }

    /**
     * @template T of Axis|SectionLine|Block|Wall|RoomSpace|PlacedOpening|PlacedFixture|PlacedStair|PlacedRamp|FloorOpening|Guard|Soffit
     *     |Terrace
     *
     * @param array<T>                            $elements
     * @param callable(T): array{string, string} $words
     *
     * @return array<string, array{string, string}>
     */
    private static function listed(array $elements, callable $words): array
    {
        $listed = [];
        foreach ($elements as $element) {
            $listed[$element instanceof Subject ? $element->id() : $element->id] = $words($element);
        }

        return $listed;
    }
}
