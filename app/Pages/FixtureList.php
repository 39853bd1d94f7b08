<?php

declare(strict_types=1);

namespace App\Pages;

use App\Board\LengthField;
use App\Board\Library;
use App\Drawing\FixtureSymbol;
use App\Drawing\Svg;
use App\Models\Scheme;
use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\FixtureGroup;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\StoreyPlan;

/** What can be placed: fixtures as they were used last in this home, and all kinds of them in usual sizes, by group. */
final readonly class FixtureList
{
    /** So many of those used last are offered. */
    private const LAST = 8;

    /** One pixel of a picture is so many millimetres. */
    private const SCALE = 30.0;

    /** What is smaller, mm, is shown so many times as large. */
    private const SMALL = 300.0;
    private const ENLARGED = 4;

    private Layout $layout;

    public function __construct(Scheme $scheme)
    {
        $this->layout = $scheme->layout;
    }

    /** @return list<ListedFixture> each size of a kind once, the one drawn last first */
    public function usedLast(): array
    {
        $used = [];
        foreach ($this->layout->storeys as $storey) {
            foreach ($storey->fixtures as $fixture) {
                $key = implode(' ', [$fixture->kind->value, $fixture->width, $fixture->depth, $fixture->height, $fixture->base]);
                unset($used[$key]);
                $used[$key] = $fixture;
            }
        }
        uasort($used, static fn(Fixture $a, Fixture $b): int => strnatcmp($b->id, $a->id));

        return array_map(
            fn(Fixture $fixture): ListedFixture => $this->listed($fixture, $fixture->id),
            array_slice(array_values($used), 0, self::LAST),
        );
    }

    /** @return array<string, list<ListedFixture>> */
    public function groups(): array
    {
        $groups = [];
        foreach (FixtureGroup::cases() as $group) {
            $groups[$group->words()] = array_map(
                fn(FixtureKind $kind): ListedFixture => $this->listed($this->usual($kind), ''),
                $group->kinds(),
            );
        }

        return $groups;
    }

    private function usual(FixtureKind $kind): Fixture
    {
        $sizes = Library::sizes($kind, $this->layout->units);

        return new Fixture(
            id: 'usual',
            kind: $kind,
            at: new Point(0, 0),
            facing: 270.0,
            width: $sizes['width'] ?? null,
            depth: $sizes['depth'] ?? null,
            height: $sizes['height'] ?? null,
            base: $sizes['base'] ?? null,
        );
    }

    private function listed(Fixture $fixture, string $like): ListedFixture
    {
        $write = fn(?float $length): string => $length === null ? '' : LengthField::write($length, $this->layout);
        $sizes = ['width' => $fixture->width, 'depth' => $fixture->depth, 'height' => $fixture->height, 'base' => $fixture->base];

        return new ListedFixture(
            kind: $fixture->kind,
            name: $fixture->name ?? Text::capital($fixture->kind->words()),
            like: $like,
            sizes: array_map($write, $sizes),
            picture: $this->picture($fixture),
            also: Library::alsoCalled($fixture->kind),
            enlarged: max($fixture->width ?? 0.0, $fixture->depth ?? 0.0) < self::SMALL ? self::ENLARGED : 1,
        );
    }

    /** Its symbol seen from above, its back up, all at one scale but what is small. */
    private function picture(Fixture $fixture): string
    {
        $placed = new PlacedFixture($fixture->placed(new Point(0, 0), 270.0), new StoreyPlan(new Storey('list', 'list')));
        $box = $placed->bounds;
        if ($box === null) {
            return '';
        }
        $margin = self::SCALE;
        [$width, $height] = [$box->width() + 2 * $margin, $box->height() + 2 * $margin];
        $scale = self::SCALE / (max($box->width(), $box->height()) < self::SMALL ? self::ENLARGED : 1);

        return Svg::element('svg', [
            'class' => 'fixture-picture',
            'viewBox' => implode(' ', array_map(Svg::number(...), [$box->left - $margin, -$box->top - $margin, $width, $height])),
            'width' => $width / $scale,
            'height' => $height / $scale,
            'aria-hidden' => 'true',
        ], (new FixtureSymbol($placed))->draw());
    }
}
