<?php

declare(strict_types=1);

namespace App\Pages;

/** One thing to do with a first home, and where it is done. */
final readonly class GuideStep
{
    public function __construct(public string $title, public string $how, public string $address, public bool $isDone) {}
}
