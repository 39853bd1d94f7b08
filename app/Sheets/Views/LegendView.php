<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\Svg;
use App\Sheets\Extent;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\Status;

/** What the lines of the plans mean, as far as these plans have them. In mm of paper; its anchor is the middle. */
final readonly class LegendView implements SheetView
{
    private const ROW = 5.6;
    private const SIGN = 14.0;
    private const LETTER = 1.6;

    /** Signs are drawn as lines of plans are at this scale. */
    private const SCALE = 50;

    /** @var array<string, string> what each sign is, by its class */
    private array $signs;

    public function __construct(Layout $layout, bool $hasClouds)
    {
        $storeys = $layout->storeys;
        $any = static fn(callable $of): bool => array_filter($storeys, $of) !== [];
        $wall = static fn(callable $is): bool => $any(static fn(Storey $storey): bool => array_filter($storey->walls, $is) !== []);
        $has = [
            'wall' => $wall(static fn(Wall $one): bool => !$one->isDivider()),
            'wall-existing' => $wall(static fn(Wall $one): bool => $one->status === Status::Existing),
            'ghost' => $wall(static fn(Wall $one): bool => $one->status === Status::Removed),
            'divider' => $wall(static fn(Wall $one): bool => $one->isDivider()),
            'void' => $any(static fn(Storey $storey): bool => $storey->voids !== []),
            'soffit' => $any(static fn(Storey $storey): bool => $storey->soffits !== []),
            'guard' => $any(static fn(Storey $storey): bool => $storey->guards !== []),
            'terrace' => $any(static fn(Storey $storey): bool => $storey->terraces !== []),
            'revision-cloud' => $hasClouds,
        ];
        $this->signs = array_intersect_key([
            'wall' => 'Wall',
            'wall-existing' => 'Wall that stood before',
            'ghost' => 'To be removed',
            'divider' => 'Boundary of a room without a wall',
            'void' => 'Opening in the floor',
            'soffit' => 'Lower part of the ceiling above',
            'guard' => 'Guard',
            'terrace' => 'Terrace',
            'revision-cloud' => 'Changed since the last revision',
        ], array_filter($has));
    }

    public function caption(): string
    {
        return '';
    }

    public function scale(): ?int
    {
        return null;
    }

    public function extent(): Extent
    {
        $longest = max([6, ...array_map(mb_strlen(...), array_values($this->signs))]);

        [$across, $up] = [(self::SIGN + self::LETTER * $longest) / 2, self::ROW * (count($this->signs) + 1) / 2];

        return new Extent($across, $across, $up, $up);
    }

    public function draw(float $x, float $y): string
    {
        $extent = $this->extent();
        [$x, $y] = [$x - $extent->left, $y - $extent->up];
        $drawn = Svg::element(
            'g',
            ['role' => 'heading', 'aria-level' => 2],
            Svg::element('text', ['class' => 'list-title', 'x' => (string) round($x, 3), 'y' => (string) round($y + 3.4, 3)], 'Legend'),
        );
        $row = $y;
        foreach ($this->signs as $class => $words) {
            $row += self::ROW;
            $drawn .= $this->sign($class, $x, $row + 2.2).Svg::element(
                'text',
                ['class' => 'list-cell', 'x' => (string) round($x + self::SIGN, 3), 'y' => (string) round($row + 3.4, 3)],
                Svg::text($words),
            );
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
            ['class' => 'plan', 'transform' => 'translate('.round($x, 3).' '.round($y, 3).') scale('.(1 / self::SCALE).')'],
            Svg::element('path', ['class' => $class, 'd' => $path]),
        ));
    }
}
