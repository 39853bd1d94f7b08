<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use Heurema\Language\Texts;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Units\Amount;

/** What the sizes of an opening come to that were not said: how, and what was taken on the way. */
final readonly class DerivedSizes
{
    #[Texts]
    private const OF_DOORS = [
        'door.clear_width' => 'Clear width', 'door.clear_height' => 'Clear height', 'door.frame_play' => 'Play around the frame',
    ];
    #[Texts]
    private const OF_WINDOWS = [
        'window.clear_width' => 'Clear width', 'window.clear_height' => 'Clear height', 'window.glass_area' => 'Glass',
    ];

    public function __construct(private PlacedOpening $opening, private Home $home) {}

    /** @return array<string, string> by what it is */
    public function list(): array
    {
        $measures = match ($this->opening->opening->kind) {
            OpeningKind::Door => self::OF_DOORS,
            OpeningKind::Window => self::OF_WINDOWS,
            OpeningKind::Bare => [],
        };
        $sizes = [];
        foreach ($measures as $name => $words) {
            $found = Catalogue::standard()->get($name)?->of($this->opening, $this->home, new Parameters());
            if ($found instanceof Measured && $found->value instanceof Amount) {
                $said = $this->home->wording()->all([...$found->working, ...$found->assumptions]);
                $sizes[__($words)] = implode(' ', [$this->home->write($found->value).'.', ...array_unique($said)]);
            }
        }

        return $sizes;
    }
}
