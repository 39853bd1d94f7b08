<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Point;

/** Copies of elements, moved by a distance in mm, on their own storey or on another; heights above the floor stay as they are. */
final readonly class CopyElements implements Edit
{
    private const MOST = 200;

    /**
     * @param array<string, string> $newIds  the id of each copy by the id of what is copied; openings go with a copied wall
     * @param string|null           $storey  null: their own
     */
    public function __construct(private array $newIds, private Point $by, private ?string $storey = null) {}

    public function on(Draft $draft): void
    {
        if (count($this->newIds) > self::MOST) {
            throw new RefusedEdit('At most '.self::MOST.' elements are copied at once.');
        }
        foreach ($this->newIds as $id => $newId) {
            $entry = $draft->find($id);
            if ($entry->storey === null) {
                throw new RefusedEdit("{$entry->name()} is not copied.");
            }
            $draft->add($this->storey ?? $entry->storey, $entry->list, [...array_diff_key($entry->values, ['locked' => true]), ...$this->placed($entry), 'id' => $newId]);
        }
    }

    public function words(): string
    {
        return implode(', ', array_keys($this->newIds)).' copied';
    }

    /** @return array<string, mixed> */
    private function placed(DraftElement $entry): array
    {
        if ($entry->list !== 'openings') {
            return $entry->moved(fn(Point $point): Point => $point->plus($this->by));
        }
        $wall = is_string($entry->values['wall'] ?? null) ? $entry->values['wall'] : '';

        return isset($this->newIds[$wall]) ? ['wall' => $this->newIds[$wall]] : throw new RefusedEdit("{$entry->name()} is copied with its wall, or placed anew in another.");
    }
}
