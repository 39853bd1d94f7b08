<?php

declare(strict_types=1);

namespace App\Letters;

use App\Models\Remark;
use App\Models\Ruling;
use App\Models\RulingKind;
use App\Models\User;
use Heurema\Geometry\Point;
use Heurema\Review\Finding;
use Heurema\Review\SpatialWitness;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;
use Illuminate\Support\Carbon;

/** One point of a letter: a finding that was ruled on, or a remark that was pinned to the plan. */
final readonly class LetterItem
{
    private function __construct(
        public int $number,
        public string $room,
        public ?Finding $finding,
        private ?Ruling $ruling,
        private ?Remark $remark,
    ) {}

    public static function ofFinding(int $number, Finding $finding, Ruling $ruling, string $room): self
    {
        return new self($number, $room, $finding, $ruling, null);
    }

    public static function ofRemark(int $number, Remark $remark, string $room): self
    {
        return new self($number, $room, null, null, $remark);
    }

    /** The same from letter to letter and in the drawing since. */
    public function key(): string
    {
        return $this->finding?->fingerprint() ?? "remark/{$this->remark?->id}";
    }

    public function title(): string
    {
        return $this->finding->rule->title ?? __('Remark');
    }

    public function clause(): string
    {
        return $this->finding->rule->clause ?? '';
    }

    /** `R304.1, International Residential Code 2021`; empty for a remark. */
    public function source(): string
    {
        return $this->finding === null ? '' : "{$this->finding->rule->clause}, {$this->finding->book->title}";
    }

    public function subject(): string
    {
        return $this->finding?->subject->name() ?? $this->room;
    }

    public function words(): ?string
    {
        return $this->ruling->words ?? $this->remark?->words;
    }

    public function asks(): bool
    {
        return $this->ruling?->kind === RulingKind::Ask;
    }

    public function kind(): string
    {
        return $this->ruling?->kind->words() ?? __('remarked');
    }

    public function by(): ?User
    {
        return $this->ruling->user ?? $this->remark?->user;
    }

    public function on(): ?Carbon
    {
        return $this->ruling->created_at ?? $this->remark?->created_at;
    }

    /** Where it is pinned on a storey's plan; null when it shows nothing there. */
    public function place(string $storey): ?Point
    {
        if ($this->remark !== null) {
            return $this->remark->storey === $storey ? new Point($this->remark->x, $this->remark->y) : null;
        }
        foreach ($this->finding->outcome->witness ?? [] as $witness) {
            if ($witness->storey === $storey) {
                $points = $witness->lines()[0];

                return $points[0]->towardsPoint($points[intdiv(count($points), 2)], 0.5);
            }
        }

        return null;
    }

    /**
     * Where it is pinned to a storey in the round: at what is measured, else on the floor.
     *
     * @return array{float, float, float}|null
     */
    public function placeInSpace(StoreyPlan $plan, Home $home): ?array
    {
        $place = $this->place($plan->storey->id);
        $seen = $place === null || $this->finding === null ? [] : SpatialWitness::of($this->finding, $home);
        $line = $seen[0]->line ?? [];
        $number = intdiv(count($line), 2);

        return match (true) {
            $place === null => null,
            $line === [] => [$place->x, $place->y, $plan->storey->elevation ?? 0.0],
            default => [$place->x, $place->y, ($line[0][2] + $line[$number][2]) / 2],
        };
    }

    /** @return array<string, mixed> for whoever reads it by machine */
    public function toArray(): array
    {
        $finding = $this->finding;

        return [
            'number' => $this->number,
            'key' => $this->key(),
            'rule' => $finding?->ruleName(),
            'clause' => $this->clause(),
            'title' => $this->title(),
            'subject' => $finding === null
                ? null
                : ['id' => $finding->subject->id(), 'name' => $finding->subject->name(), 'storey' => $finding->subject->storey()],
            'where' => $this->room,
            'measured' => $finding?->measuredText(),
            'required' => $finding?->limitText(),
            'short' => $finding?->missedText(),
            'verdict' => $finding?->verdict()->value,
            'off_by' => $finding === null ? null : round($finding->outcome->shortfall(), 9),
            'ruling' => $this->ruling->kind->value ?? 'remark',
            'words' => $this->words(),
        ];
    }
}
