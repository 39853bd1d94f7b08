<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\UsualWalls;
use Heurema\Drafting\BlockPlan;
use Heurema\Drafting\BlockQuestion;
use Heurema\Drafting\BlockSide;
use Heurema\Layout\Block;
use Heurema\Spatial\Home;

/** What can be done with the blocks of a storey, and what is to be settled between them. */
final readonly class BlockChoices
{
    /** @var list<Block> */
    public array $blocks;

    private BlockPlan $plan;

    public function __construct(private Home $home, string $storey)
    {
        $this->blocks = $home->layout->storey($storey)->blocks ?? [];
        $this->plan = new BlockPlan($this->blocks, UsualWalls::thicknesses($home->layout)['interior']);
    }

    /** @return list<BlockQuestion> */
    public function questions(): array
    {
        return $this->plan->questions();
    }

    public function size(string $id): string
    {
        foreach ($this->blocks as $block) {
            if ($block->id === $id) {
                return "{$this->home->length($block->width)} x {$this->home->length($block->depth)}";
            }
        }

        return '';
    }

    /** `Bedroom and Bath nearly meet: 8" are left between them.` */
    public function says(BlockQuestion $question): string
    {
        $apart = $this->home->length($question->apart);
        [$first, $second] = [$question->first->name, $question->second->name];

        return $question->isGap
            ? __('Between :first and :second a strip of :apart is left.', ['first' => $first, 'second' => $second, 'apart' => $apart])
            : __(':first and :second stand side by side, but their :side sides are :apart out of line.', [
                'first' => $first,
                'second' => $second,
                'side' => $question->side->value,
                'apart' => $apart,
            ]);
    }

    /**
     * The two ways out, each as what is posted and what it says.
     *
     * @return list<array{block: string, side: string, to: string, to_side: string, words: string}>
     */
    public function answers(BlockQuestion $question): array
    {
        return [
            self::answer($question->first, $question->side, $question->second, $question->otherSide, $question->isGap),
            self::answer($question->second, $question->otherSide, $question->first, $question->side, $question->isGap),
        ];
    }

    /** @return array{block: string, side: string, to: string, to_side: string, words: string} */
    private static function answer(Block $block, BlockSide $side, Block $other, BlockSide $otherSide, bool $isGap): array
    {
        return [
            'block' => $block->id,
            'side' => $side->value,
            'to' => $other->id,
            'to_side' => $otherSide->value,
            'words' => $isGap ? __('Widen :name', ['name' => $block->name]) : __(':name gives way', ['name' => $block->name]),
        ];
    }
}
