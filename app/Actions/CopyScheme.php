<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Project;
use App\Models\Scheme;
use Illuminate\Support\Facades\DB;

/** Another option to draw, begun as a copy of a scheme. */
final class CopyScheme
{
    public function copy(Scheme $scheme): Scheme
    {
        return DB::transaction(static function () use ($scheme): Scheme {
            // two that are begun at once have two names
            $project = Project::query()->lockForUpdate()->findOrFail($scheme->project_id);
            $letter = chr(min(ord('Z'), ord('A') + $project->schemes()->count()));

            return $project->schemes()->create([
                'name' => __('Scheme :letter', ['letter' => $letter]), 'layout' => $scheme->layout, 'version' => 1,
                'dimensions' => $scheme->dimensions, 'sheets' => $scheme->sheets,
            ]);
        });
    }
}
