<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use Heurema\Layout\Ramp;
use Heurema\Layout\RampRun;

/** The parts of the chosen ramp. */
final readonly class RampFields
{
    public function __construct(private Chosen $chosen) {}

    /**
     * @return list<array{string, string, string|null}> title, length and rise of each part of the chosen ramp, as they are typed; a landing
     *                                                  has no rise
     */
    public function parts(): array
    {
        $ramp = $this->chosen->element();
        $typed = fn(?float $mm): string => $mm === null ? '' : $this->chosen->typed($mm);
        $titles = ['run' => 0, 'landing' => 0];
        $parts = [];
        foreach ($ramp instanceof Ramp ? $ramp->parts : [] as $part) {
            $parts[] = $part instanceof RampRun
                ? [__('Run :it', [
                    'it' => ++$titles['run'],
                ]), $typed($part->length), $typed($part->rise), array_map($typed, $part->edges ?? [null, null])]
                : [__('Landing :it', ['it' => ++$titles['landing']]), $typed($part->depth), null, []];
        }

        return $parts;
    }
}
