<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CloseReview;
use App\Models\RefusedRuling;
use App\Models\Revision;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** The end of a review that needs no letter. */
final class SignOffController
{
    public function store(Revision $revision, #[CurrentUser] User $user, CloseReview $action): RedirectResponse
    {
        $review = redirect()->route('review', $revision);
        try {
            $action->signOff($revision, $user);
        } catch (RefusedRuling $e) {
            return $review->withErrors(['review' => $e->getMessage()]);
        }

        return $review;
    }
}
