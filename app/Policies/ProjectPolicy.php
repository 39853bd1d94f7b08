<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Project;
use App\Models\Role;
use App\Models\User;

/** Nobody sees another office's projects. */
final class ProjectPolicy
{
    public function create(User $user): bool
    {
        return true;
    }

    /** A whole project comes with rulings and letters: designers make none. */
    public function takeIn(User $user): bool
    {
        return $user->role !== Role::Designer;
    }

    /** Principals take homes away and bring them back. */
    public function delete(User $user, Project $project): bool
    {
        return $user->role === Role::Principal && $this->view($user, $project);
    }

    public function restore(User $user, Project $project): bool
    {
        return $this->delete($user, $project);
    }

    public function update(User $user, Project $project): bool
    {
        return $this->view($user, $project);
    }

    public function view(User $user, Project $project): bool
    {
        return $user->office_id === $project->office_id;
    }
}
