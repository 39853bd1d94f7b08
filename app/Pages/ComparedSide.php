<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Revision;
use App\Models\Scheme;
use Heurema\Review\Report;

/** One of the homes that are compared: a revision, or a scheme as it is being drawn. */
final readonly class ComparedSide
{
    public function __construct(public string $key, public Scheme $scheme, public ?Revision $revision, public Report $report) {}

    public function name(): string
    {
        return $this->scheme->name.($this->revision === null
            ? __(', as it is drawn')
            : __(', revision :number', ['number' => $this->revision->number]));
    }

    public function address(): string
    {
        return $this->revision === null ? route('board', $this->scheme) : route('review', $this->revision);
    }
}
