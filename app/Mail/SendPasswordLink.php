<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\User;
use App\Queue\Once;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;

/**
 * Sends somebody the link by which he sets a new password, if there is such an account: whoever asks cannot tell, not even by the time it
 * takes.
 */
final class SendPasswordLink implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $email)
    {
        $this->through(new Once());
    }

    public function handle(): void
    {
        Password::sendResetLink(['email' => $this->email, 'disabled_at' => null], static function (User $user, string $token): void {
            Mail::to($user->email)->send(InLanguageOf::write($user, static fn(): Notice => new Notice(
                $user->office_id,
                __('A new password'),
                __('Whoever follows this link sets a new password for your account. It is good for an hour.'),
                Link::to('password.reset', ['token' => $token, 'email' => $user->email]),
                true,
            )));
        });
    }
}
