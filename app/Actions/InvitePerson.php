<?php

declare(strict_types=1);

namespace App\Actions;

use App\Mail\Link;
use App\Mail\Notice;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;

/** Offers somebody a seat in an office by a link that only he gets, and gives it to whoever brings the link. */
final class InvitePerson
{
    public function invite(User $by, string $email, Role $role): Invitation
    {
        return DB::transaction(static function () use ($by, $email, $role): Invitation {
            $by->office->log($by, __(':email invited as :role', ['email' => $email, 'role' => $role->words()]));
            $token = Str::random(48);
            $invitation = Invitation::query()->create([
                'office_id' => $by->office_id, 'user_id' => $by->id, 'email' => Str::lower($email), 'role' => $role,
                'token_hash' => Invitation::hash($token), 'expires_at' => now()->addDays(Invitation::DAYS),
            ]);
            Mail::to($invitation->email)->send(new Notice(
                $by->office_id,
                __('Your seat at :name', ['name' => $by->office->name]),
                __(':name invites you to :name2 as :role. The link below is good for :days days.', [
                    'name' => $by->name,
                    'name2' => $by->office->name,
                    'role' => $role->words(),
                    'days' => Invitation::DAYS,
                ]),
                Link::to('invitations.show', $token),
                true,
            ));

            return $invitation;
        });
    }

    public function accept(Invitation $invitation, string $name, string $password): User
    {
        return DB::transaction(static function () use ($invitation, $name, $password): User {
            $invitation->update(['accepted_at' => now()]);

            return $invitation->office->users()->create([
                'name' => $name,
                'email' => $invitation->email,
                'password' => $password,
                'role' => $invitation->role,
            ]);
        });
    }
}
