<?php

declare(strict_types=1);

namespace App\Sheets;

/** A sheet as it is wanted: its paper and what stands on it, in order. */
final readonly class SheetDefinition
{
    /**
     * @param bool                 $isUpright on its shorter side
     * @param bool                 $hasClouds around what changed since the last revision
     * @param list<ViewDefinition> $views
     */
    public function __construct(
        public string $name,
        public Paper $paper,
        public bool $isUpright,
        public bool $hasClouds,
        public array $views,
    ) {}

    /** @param array<mixed> $kept what makes no sense is left at its default */
    public static function from(array $kept, Paper $usual): self
    {
        $views = array_map(
            static fn(mixed $view): ?ViewDefinition => is_array($view) ? ViewDefinition::from($view) : null,
            is_array($kept['views'] ?? null) ? array_values($kept['views']) : [],
        );

        return new self(
            is_string($kept['name'] ?? null) ? $kept['name'] : '',
            Paper::tryFrom(is_string($kept['paper'] ?? null) ? $kept['paper'] : '') ?? $usual,
            ($kept['upright'] ?? false) === true,
            ($kept['clouds'] ?? false) === true,
            array_values(array_filter($views, static fn(?ViewDefinition $view): bool => $view !== null)),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'paper' => $this->paper->value,
            'upright' => $this->isUpright,
            'clouds' => $this->hasClouds,
            'views' => array_map(static fn(ViewDefinition $view): array => $view->toArray(), $this->views),
        ];
    }

    public function width(): float
    {
        return $this->isUpright ? $this->paper->height() : $this->paper->width();
    }

    public function height(): float
    {
        return $this->isUpright ? $this->paper->width() : $this->paper->height();
    }

    /** @param list<ViewDefinition> $views */
    public function withViews(array $views): self
    {
        return new self($this->name, $this->paper, $this->isUpright, $this->hasClouds, $views);
    }
}
