<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Layout\Guard;
use Heurema\Layout\Storey;

/** A railing where it stands. */
final readonly class StandingGuard implements Subject
{
    public function __construct(public Guard $guard, private Storey $storey) {}

    public function type(): SubjectType
    {
        return SubjectType::Guard;
    }

    public function id(): string
    {
        return $this->guard->id;
    }

    public function name(): string
    {
        return "Guard {$this->guard->id}";
    }

    public function storey(): string
    {
        return $this->storey->id;
    }
}
