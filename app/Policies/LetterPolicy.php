<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Letter;
use App\Models\User;

/** A letter is read by whoever sees its revision. */
final class LetterPolicy
{
    public function view(User $user, Letter $letter): bool
    {
        return $user->can('view', $letter->revision);
    }
}
