<?php

declare(strict_types=1);

namespace App\Actions;

use App\Intake\HomeFile;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\TakeOver;
use Illuminate\Support\Facades\DB;

/** A scheme as a file has it, one edit that can be undone: what both have goes on to be followed by its ids. */
final readonly class TakeFile
{
    public function __construct(private ChangeScheme $change) {}

    /**
     * @throws StaleScheme
     * @throws RefusedEdit
     */
    public function take(Scheme $scheme, User $by, int $version, HomeFile $file): Scheme
    {
        return DB::transaction(function () use ($scheme, $by, $version, $file): Scheme {
            $changed = $this->change->edit($scheme, $by, $version, new TakeOver($file->layout->named($scheme->layout->name)));
            $changed->update(['imported' => $file->imported()]);

            return $changed;
        });
    }
}
