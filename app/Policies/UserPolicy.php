<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Principals look after the people of their office. */
final class UserPolicy
{
    public function invite(User $user): bool
    {
        return $user->role === Role::Principal;
    }

    public function update(User $user, User $person): bool
    {
        return $user->role === Role::Principal && $user->office_id === $person->office_id;
    }

    public function delete(User $user, User $person): bool
    {
        return $this->update($user, $person);
    }
}
