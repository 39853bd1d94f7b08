<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Scheme;
use App\Models\User;

/** Who sees a project may draw on its schemes. */
final class SchemePolicy
{
    public function update(User $user, Scheme $scheme): bool
    {
        return $user->can('view', $scheme->project);
    }
}
