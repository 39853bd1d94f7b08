<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\MotionRule;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\HingeEnd;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\WallSide;

/**
 * What only a door or a bare opening has. Lengths in mm; null where nobody said. `leaves`: how many a folding door
 * has; `frame`: how wide its frame is on either side; `leads`: the leaf of a pair that opens first, by the end of the wall it hangs at.
 */
final readonly class DoorDetails implements Described
{
    use ReadsByKeys;

    public function __construct(
        #[Key(only: [OpeningKind::Door], label: 'Opens as')]
        public ?DoorOperation $operation = null,
        #[Key(only: [OpeningKind::Door], label: 'Hinge', own: true)]
        public ?HingeEnd $hinge = null,
        #[Key(only: [OpeningKind::Door], under: MotionRule::ChangesSides, label: 'Swings', own: true)]
        public ?WallSide $opens = null,
        #[Key(Value::Size, only: [OpeningKind::Door], label: 'Leaf thickness')]
        public ?float $leafThickness = null,
        #[Key(only: [OpeningKind::Door], label: 'Glazed')]
        public ?bool $glazed = null,
        #[Key(only: [OpeningKind::Door], label: 'Safety glass')]
        public ?bool $safetyGlass = null,
        #[Key(Value::Elevation)]
        public ?float $exteriorLevel = null,
        #[Key(Value::Length, suits: [OpeningKind::Door], label: 'Threshold')]
        public ?float $threshold = null,
        #[Key(only: [OpeningKind::Door], label: 'Closes by itself')]
        public ?bool $selfClosing = null,
        #[Key(Value::Number, most: 1000, only: [OpeningKind::Door], label: 'Fire rating, minutes')]
        public ?float $fireMinutes = null,
        #[Key(Value::Whole, least: 2, most: 20, only: [OpeningKind::Door], suits: [DoorOperation::Folding], label: 'Leaves')]
        public ?int $leaves = null,
        #[Key(Value::Size, only: [OpeningKind::Door], label: 'Leaf width')]
        public ?float $leafWidth = null,
        #[Key(Value::Size, only: [OpeningKind::Door], label: 'Leaf height')]
        public ?float $leafHeight = null,
        #[Key(Value::Length, only: [OpeningKind::Door], label: 'Frame, each side')]
        public ?float $frame = null,
        #[Key(only: [OpeningKind::Door], suits: [DoorOperation::DoubleHinged], label: 'Leaf that opens first')]
        public ?HingeEnd $leads = null,
        #[Key(Value::Number, most: 10_000, only: [OpeningKind::Door], label: 'Glass, m²')]
        public ?float $glassArea = null,
        #[Key(Value::Length, only: [OpeningKind::Door], label: 'Glass begins above floor')]
        public ?float $glassBottom = null,
        #[Key(Value::Length, only: [OpeningKind::Door], label: 'Glass ends above floor')]
        public ?float $glassTop = null,
    ) {}

    public function inTurnedWall(): self
    {
        return $this->with(hinge: $this->hinge?->other(), opens: $this->opens?->other(), leads: $this->leads?->other());
    }
}
