<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Language\Text;
use Heurema\Layout\Layout;
use Heurema\Layout\Opening;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Units\Amount;
use Heurema\Units\UnitSystem;

/** Usual doors, windows and bare openings in two ranges (common practice, no source); what was used last comes first. */
final readonly class OpeningLibrary
{
    /** Inches: what it opens as, width, height, and a window's sill or the width of side lights at a door. */
    private const IMPERIAL = [
        'door' => [
            ['hinged', 32, 80], ['hinged', 24, 80], ['hinged', 28, 80], ['hinged', 30, 80], ['hinged', 36, 80], ['hinged', 36, 80, 12],
            ['double_hinged', 60, 80], ['sliding', 72, 80], ['bypass', 60, 80], ['pocket', 30, 80], ['folding', 48, 80],
            ['overhead', 108, 84],
        ],
        'window' => [
            ['casement', 36, 48, 36], ['casement', 28, 48, 36], ['double_hung', 32, 60, 24], ['sliding', 60, 48, 36],
            ['awning', 36, 24, 56], ['fixed', 60, 60, 24],
        ],
        'gap' => [['', 36, 80], ['', 60, 80], ['', 72, 84]],
    ];

    /** Millimetres. */
    private const METRIC = [
        'door' => [
            ['hinged', 826, 2040], ['hinged', 626, 2040], ['hinged', 726, 2040], ['hinged', 926, 2040], ['hinged', 926, 2040, 300],
            ['double_hinged', 1500, 2040], ['sliding', 2100, 2100], ['bypass', 1500, 2040], ['pocket', 826, 2040], ['folding', 1200, 2040],
            ['overhead', 2500, 2125],
        ],
        'window' => [
            ['casement', 1000, 1200, 900], ['casement', 600, 1200, 900], ['tilt_turn', 1200, 1400, 800], ['sliding', 1500, 1200, 900],
            ['awning', 900, 600, 1500], ['fixed', 1500, 1500, 600],
        ],
        'gap' => [['', 900, 2040], ['', 1500, 2040], ['', 1800, 2100]],
    ];

    public function __construct(private Layout $layout) {}

    /** @return array<int, string> what to call each size, by its key */
    public function choices(OpeningKind $kind): array
    {
        $choices = [];
        foreach ($this->range()[$kind->value] as $key => $size) {
            [$operation, $width, $height] = $size;
            $words = $operation === '' ? '' : Text::word($operation).', ';
            $choices[$key] = $words.$this->write($width).' × '.$this->write($height)
                .($kind === OpeningKind::Door && isset($size[3]) ? __(', side lights') : '');
        }

        return $choices;
    }

    /** A size by its key, or that of the opening of this kind that was drawn last when no size is named. */
    public function size(OpeningKind $kind, string $key): OpeningSize
    {
        $last = $key === '' ? $this->lastUsed($kind) : null;
        if ($last?->width !== null) {
            return new OpeningSize(
                $last->width,
                array_intersect_key($last->toArray(), array_flip(['height', 'operation', 'sill', 'hinge', 'opens'])),
            );
        }
        $range = $this->range()[$kind->value];
        [$operation, $width, $height] = $size = $range[(int) $key] ?? $range[0];
        $scale = $this->layout->units === UnitSystem::Imperial ? Amount::MM_PER_INCH : 1.0;

        return new OpeningSize(round($width * $scale, 4), [
            'height' => round($height * $scale, 4),
            ...($operation === '' ? [] : ['operation' => $operation]),
            ...($kind === OpeningKind::Window && isset($size[3]) ? ['sill' => round($size[3] * $scale, 4)] : []),
            ...($operation === 'hinged' ? ['hinge' => 'from', 'opens' => 'left'] : []),
            ...($operation === 'double_hinged' || $operation === 'folding' ? ['opens' => 'left'] : []),
        ], $kind === OpeningKind::Door ? round(($size[3] ?? 0) * $scale, 4) : 0.0);
    }

    private function lastUsed(OpeningKind $kind): ?Opening
    {
        foreach (array_reverse($this->layout->storeys) as $storey) {
            foreach (array_reverse($storey->openings) as $opening) {
                if ($opening->kind === $kind && $opening->stands()) {
                    return $opening;
                }
            }
        }

        return null;
    }

    /** @return array<string, non-empty-list<array{0: string, 1: int, 2: int, 3?: int}>> */
    private function range(): array
    {
        return $this->layout->units === UnitSystem::Imperial ? self::IMPERIAL : self::METRIC;
    }

    private function write(int $size): string
    {
        return $this->layout->units === UnitSystem::Imperial ? "{$size}\"" : (string) $size;
    }
}
