<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Points at places of the plan, in its millimetres. */
trait PointsAtPlan
{
    private function clickAt(float $x, float $y): void
    {
        $this->moveTo($x, $y);
        $this->browser->action()->click()->perform();
    }

    /** The pointer to a place on the plan, in its millimetres. */
    private function moveTo(float $x, float $y): void
    {
        /** @var array{float, float} $away */
        $away = $this->browser->executeScript(<<<'JS'
            const [x, y] = arguments;
            const at = new DOMPoint(x, -y).matrixTransform(document.getElementById('plan').getScreenCTM());
            const box = document.getElementById('plan-sheet').getBoundingClientRect();
            return [at.x - box.x - box.width / 2, at.y - box.y - box.height / 2];
            JS, [$x, $y]);
        $this->browser->action()->moveToElement($this->find('#plan-sheet'), (int) round($away[0]), (int) round($away[1]))->perform();
    }
}
