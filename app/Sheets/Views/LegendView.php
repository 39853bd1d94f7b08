<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\Svg;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\Status;

/** What the lines of the plans mean, as far as these plans have them. */
final readonly class LegendView extends ListView
{
    /** Signs are drawn as lines of plans are at this scale. */
    public const SCALE = 50;

    /** How wide signs are, and where the middle of one is below the top of its row. */
    private const SIGN = 14.0;
    private const MIDDLE = 2.2;

    /** @var array<string, string> what each sign is, by its class */
    private array $signs;

    public function __construct(Layout $layout, bool $hasClouds)
    {
        $storeys = $layout->storeys;
        $any = static fn(callable $of): bool => array_filter($storeys, $of) !== [];
        $wall = static fn(callable $is): bool => $any(static fn(Storey $storey): bool => array_filter($storey->walls, $is) !== []);
        $has = [
            'wall' => $wall(static fn(Wall $one): bool => !$one->isOpenBoundary()),
            'wall-existing' => $wall(static fn(Wall $one): bool => $one->status === Status::Existing),
            'ghost' => $wall(static fn(Wall $one): bool => $one->status === Status::Removed),
            'divider' => $wall(static fn(Wall $one): bool => $one->isOpenBoundary()),
            'void' => $any(static fn(Storey $storey): bool => $storey->voids !== []),
            'soffit' => $any(static fn(Storey $storey): bool => $storey->soffits !== []),
            'guard' => $any(static fn(Storey $storey): bool => $storey->guards !== []),
            'terrace' => $any(static fn(Storey $storey): bool => $storey->terraces !== []),
            'revision-cloud' => $hasClouds,
        ];
        $this->signs = array_intersect_key([
            'wall' => __('Wall'),
            'wall-existing' => __('Wall that stood before'),
            'ghost' => __('To be removed'),
            'divider' => __('Boundary of a room without a wall'),
            'void' => __('Opening in the floor'),
            'soffit' => __('Lower part of the ceiling above'),
            'guard' => __('Guard'),
            'terrace' => __('Terrace'),
            'revision-cloud' => __('Changed since the last revision'),
        ], array_filter($has));
    }

    protected function title(): string
    {
        return __('Legend');
    }

    protected function rows(): int
    {
        return count($this->signs);
    }

    protected function rowHeight(): float
    {
        return 5.6;
    }

    protected function width(): float
    {
        return self::SIGN + self::LETTER * max([6, ...array_map(mb_strlen(...), array_values($this->signs))]);
    }

    protected function body(float $left, float $top): string
    {
        $drawn = '';
        foreach ($this->signs as $class => $words) {
            $drawn .= $this->sign($class, $left, $top + self::MIDDLE).self::text('list-cell', $left + self::SIGN, $top, $words);
            $top += $this->rowHeight();
        }

        return $drawn;
    }

    private function sign(string $class, float $x, float $y): string
    {
        $path = match ($class) {
            'wall', 'wall-existing' => 'M0 -50H500V50H0Z',
            'revision-cloud' => 'M0 40A75 75 0 0 1 125 40A75 75 0 0 1 250 40A75 75 0 0 1 375 40A75 75 0 0 1 500 40',
            default => 'M0 0H500',
        };

        return Svg::element('g', ['class' => 'at-'.self::SCALE, 'aria-hidden' => 'true'], Svg::element(
            'g',
            ['class' => 'plan', 'transform' => 'translate('.self::number($x).' '.self::number($y).') scale('.(1 / self::SCALE).')'],
            Svg::element('path', ['class' => $class, 'd' => $path]),
        ));
    }
}
