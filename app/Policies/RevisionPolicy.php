<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Revision;
use App\Models\Role;
use App\Models\User;

/** A revision is seen by whoever sees its project. */
final class RevisionPolicy
{
    public function view(User $user, Revision $revision): bool
    {
        return $user->can('view', $revision->scheme->project);
    }

    /** Designers do not rule on what they have drawn. */
    public function update(User $user, Revision $revision): bool
    {
        return $user->role !== Role::Designer && $this->view($user, $revision);
    }
}
