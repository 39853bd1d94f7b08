<?php

declare(strict_types=1);

namespace App\Pages;

use App\Board\Acts\SetBacking;
use App\Board\Acts\SetHandrails;
use App\Board\Acts\SetHome;
use App\Board\Acts\SetOutsideLevel;
use App\Board\Acts\SetStoreyLevel;
use App\Board\Fields;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\DraftElement;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Opening;
use Heurema\Layout\Ramp;
use Heurema\Layout\Stair;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Review\Finding;
use Heurema\Review\MissingWords;
use Heurema\Spatial\Home;

/** Something that a finding lacks, and where on the board it is said. */
final readonly class MissingValue
{
    /** Fields of the home as a whole, by the document's own key. */
    private const OF_HOME = ['attic_area' => SetHome::ATTIC, 'grade' => SetHome::GROUND, 'north' => SetHome::NORTH];

    private const SPACE = '/^a room for the unnamed space at (-?\d+), (-?\d+)$/';

    /**
     * @param string      $words   `the sill of the north window of Bedroom 2`
     * @param string|null $element whose it is; empty: of the home; null: nothing on the board says it
     * @param string      $storey  where it is drawn
     * @param string      $control the id of the field that says it; empty: the element has none for it
     * @param string      $space   a place in the space that has no use yet, `x,y`
     */
    private function __construct(
        public string $words,
        public ?string $element = null,
        public string $storey = '',
        public string $control = '',
        public string $space = '',
    ) {}

    /** @return list<list<self>> one of each list has to be known */
    public static function among(Finding $finding, Home $home): array
    {
        $words = new MissingWords($home);
        $draft = new Draft($home->layout);
        $storey = $finding->subject->storey() ?? '';
        $one = static fn(string $name): self => self::of($name, $words->of([$name])[0], $draft, $storey);

        return array_map(
            static fn(string $names): array => array_map($one, MissingWords::alternatives($names)),
            array_values(array_unique($finding->outcome->missing)),
        );
    }

    private static function of(string $name, string $words, Draft $draft, string $storey): self
    {
        if (preg_match(self::SPACE, $name, $found) === 1) {
            return new self($words, '', $storey, '', "{$found[1]},{$found[2]}");
        }
        if (isset(self::OF_HOME[$name])) {
            return new self($words, '', $storey, 'own-'.self::OF_HOME[$name]);
        }
        [$id, $key] = [...explode('.', $name, 2), ''];
        try {
            $found = $key === '' || str_contains($id, ' ') ? null : $draft->find($id);
        } catch (RefusedEdit) {
            $found = null;
        }

        return $found === null
            ? new self($words)
            : new self($words, $id, $found->storey ?? ($found->element instanceof Storey ? $id : $storey), self::control($found, $key));
    }

    private static function control(DraftElement $found, string $key): string
    {
        $element = $found->element;
        if (in_array($key, array_column(Fields::of($element), 'key'), true)) {
            return "field-{$key}";
        }

        return match (true) {
            $element instanceof Storey && $key === 'elevation' => 'own-'.SetStoreyLevel::FIELD,
            $element instanceof Opening && $key === 'exterior_level' => 'own-'.SetOutsideLevel::FIELD,
            $element instanceof Wall && $key === 'backing' => 'own-'.SetBacking::FIELD,
            str_starts_with($key, 'handrails') => 'own-'.SetHandrails::field(SetHandrails::SIDES[0]),
            $element instanceof Ramp && preg_match('/^parts\.(\d+)\.\w+\.(\w+)$/', $key, $part) === 1
                => 'ramp-'.($part[2] === 'rise' ? 'rise' : 'length')."-{$part[1]}",
            $element instanceof Stair && str_ends_with($key, '.inner') => 'stair-inner',
            $element instanceof Stair && str_ends_with($key, '.depth') => 'stair-landing',
            $element instanceof Stair && str_starts_with($key, 'parts') => 'flight-tread',
            default => '',
        };
    }
}
