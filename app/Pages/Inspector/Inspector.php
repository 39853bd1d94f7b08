<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Drawing\DimensionStyle;
use Heurema\Layout\Room;

/** What stands beside the plan of the element that is chosen on it, by what it is of. */
final readonly class Inspector
{
    public function __construct(private Chosen $chosen, private DimensionStyle $style) {}

    public function fields(): ElementFields
    {
        return new ElementFields($this->chosen, $this->opening(), $this->fixture());
    }

    public function home(): HomeFields
    {
        return new HomeFields($this->chosen);
    }

    public function wall(): WallFields
    {
        return new WallFields($this->chosen, $this->opening());
    }

    public function opening(): OpeningFields
    {
        return new OpeningFields($this->chosen);
    }

    public function fixture(): FixtureFields
    {
        return new FixtureFields($this->chosen);
    }

    public function fromFront(): WallFromFront
    {
        return new WallFromFront($this->chosen, $this->style);
    }

    public function neighbours(): Neighbours
    {
        return new Neighbours($this->chosen);
    }

    public function like(): LikeElements
    {
        return new LikeElements($this->chosen);
    }

    public function stair(): StairFields
    {
        return new StairFields($this->chosen);
    }

    public function rails(): RailFields
    {
        return new RailFields($this->chosen);
    }

    public function ramp(): RampFields
    {
        return new RampFields($this->chosen);
    }

    public function edges(): FallEdges
    {
        return new FallEdges($this->chosen);
    }

    public function survey(): SurveyFields
    {
        return new SurveyFields($this->chosen);
    }

    public function usual(): UsualSizes
    {
        return new UsualSizes($this->chosen);
    }

    /** @throws \LogicException where no room is chosen */
    public function ceiling(): CeilingShape
    {
        $room = $this->chosen->element();

        return $room instanceof Room
            ? new CeilingShape($room, $this->chosen->layout)
            : throw new \LogicException('No room is chosen.');
    }
}
