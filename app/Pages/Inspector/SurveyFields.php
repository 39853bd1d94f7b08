<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\Acts\KeepTapedHeight;
use Heurema\Drafting\TapedPull;
use Heurema\Language\Text;
use Heurema\Layout\TapedDistance;
use Heurema\Layout\Wall;

/** What was taped on site of the chosen element. */
final readonly class SurveyFields
{
    public function __construct(private Chosen $chosen) {}

    /** @return array<string, string> the walls that can move to make the drawing what was taped: names by the end that they are at */
    public function ends(): array
    {
        $taped = $this->chosen->element();
        $walls = $taped instanceof TapedDistance ? TapedPull::walls($taped, $this->chosen->home->plans[$taped->storey]) : [];

        return array_map(fn(Wall $wall): string => Text::small($this->chosen->wallCalled($wall->id)), $walls);
    }

    /** @return array<string, array{string, string, string}> of the chosen room or opening: label, value and hint by field */
    public function heights(): array
    {
        $fields = [];
        $element = $this->chosen->element();
        if ($element === null) {
            return [];
        }
        foreach (KeepTapedHeight::heights($element) as $height) {
            $kept = KeepTapedHeight::kept($this->chosen->layout, $element->id(), $height);
            $fields[$height->value] = [
                __(':height, above the floor', ['height' => Text::capital($height->words())]),
                $kept === null ? '' : $this->chosen->typed($kept->measured),
                $kept === null ? '' : implode(', ', array_filter([$kept->by, $kept->on], static fn(?string $one): bool => $one !== null)),
            ];
        }

        return $fields;
    }
}
