<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Revision;
use App\Models\User;

/** A revision is seen by whoever sees its project. */
final class RevisionPolicy
{
    public function view(User $user, Revision $revision): bool
    {
        return $user->can('view', $revision->scheme->project);
    }
}
