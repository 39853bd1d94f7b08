<?php

declare(strict_types=1);

/** What was said by key in English and no measure says any more: reports that were kept are read for ever. */
return [
    'ramp.width.handrails_taken' => 'Handrails are taken to stand in by {projection}.',
    'ramp.width.less_handrails' => 'Less {rails} handrails, {projection} each: {clear}.',
    'stair.width.less_handrails_each' => 'Less {rails} handrails, {projection} each: {width}.',
];
