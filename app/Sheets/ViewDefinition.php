<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Drawing\DimensionStyle;
use App\Drawing\PlanLayer;
use App\Drawing\PlanLayers;

/** A view as it is wanted on a sheet. */
final readonly class ViewDefinition
{
    /**
     * @param string      $of      id of the storey, the stair or the room, the kind of a schedule, or the text of notes
     * @param int|null    $scale   null: the largest at which all of the sheet fits
     * @param string|null $outside a key of DimensionStyle::OUTSIDE; null: as the drawing has it
     * @param list<PlanLayer>|null $hidden null: as the drawing has it
     */
    public function __construct(
        public ViewKind $kind,
        public string $of = '',
        public ?int $scale = null,
        public PlanLayers $layers = PlanLayers::Complete,
        public ?string $outside = null,
        public ?array $hidden = null,
    ) {}

    /** @param array<mixed> $kept what makes no sense is left at its default */
    public static function from(array $kept): ?self
    {
        $word = static fn(string $key): string => is_string($kept[$key] ?? null) ? $kept[$key] : '';
        $kind = ViewKind::tryFrom($word('kind'));

        return $kind === null ? null : new self(
            $kind,
            $word('of'),
            is_int($kept['scale'] ?? null) ? $kept['scale'] : null,
            PlanLayers::tryFrom($word('layers')) ?? PlanLayers::Complete,
            array_key_exists($word('outside'), DimensionStyle::OUTSIDE) ? $word('outside') : null,
            is_array($kept['hidden'] ?? null) ? PlanLayer::among($kept['hidden']) : null,
        );
    }

    /** @return array<string, string|int|list<string>|null> */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value, 'of' => $this->of, 'scale' => $this->scale, 'layers' => $this->layers->value,
            'outside' => $this->outside, 'hidden' => $this->hidden === null ? null : array_column($this->hidden, 'value'),
        ];
    }

    /** As large as it may be. */
    public function withoutScale(): self
    {
        return new self($this->kind, $this->of, null, $this->layers, $this->outside, $this->hidden);
    }

    /** How it is dimensioned, and what it shows, where the drawing is dimensioned in a style. */
    public function style(DimensionStyle $style): DimensionStyle
    {
        return $style->with([
            ...($this->outside === null ? [] : ['outside' => $this->outside]),
            ...($this->hidden === null ? [] : ['hidden' => array_column($this->hidden, 'value')]),
        ]);
    }
}
