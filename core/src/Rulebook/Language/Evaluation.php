<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** One expression on its way to an answer for one subject: where its terms ask, and what was taken on the way. */
final class Evaluation
{
    /** @var list<Message> */
    private array $assumptions = [];

    /** @var array<string, Amount> */
    private array $values = [];

    public function __construct(private readonly Facts $facts) {}

    /** @return list<Message> */
    public function assumptions(): array
    {
        return Message::unique($this->assumptions);
    }

    /** @return array<string, Amount> by measure */
    public function values(): array
    {
        return $this->values;
    }

    public function measured(string $measure, Parameters $with): Amount|bool|string|Unknown|NotApplicable
    {
        $measurement = $this->facts->measure($measure, $with);
        if ($measurement instanceof Measured) {
            array_push($this->assumptions, ...$measurement->assumptions);
            if ($measurement->value instanceof Amount) {
                $this->values[$measure] = $measurement->value;
            }

            return $measurement->value;
        }

        return $measurement instanceof Unknown || $measurement instanceof NotApplicable ? $measurement : new Unknown([$measure]);
    }

    public function chosen(Setting $setting): Amount|bool|string
    {
        $value = $this->facts->setting($setting->name);
        if ($value === $setting->default) {
            $this->assumptions[] = Message::of('rulebook.setting', setting: $setting->title);
        }

        return $value;
    }

    /** What is missing to two facts of which one or both are unknown. */
    public static function unknown(mixed $left, mixed $right): Unknown
    {
        $missing = [...($left instanceof Unknown ? $left->missing : []), ...($right instanceof Unknown ? $right->missing : [])];

        return new Unknown(array_values(array_unique($missing)));
    }
}
