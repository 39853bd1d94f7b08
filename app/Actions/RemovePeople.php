<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Invitation;
use App\Models\Office;
use App\Models\OfficeEntry;
use App\Models\OutgoingMail;
use App\Models\Project;
use App\Models\User;
use App\Security\Sessions;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Takes an account or a whole office away, and brings it back; after thirty days what says who somebody was is gone, or all of the office.
 */
final readonly class RemovePeople
{
    public const DAYS = 30;

    public function __construct(private Sessions $sessions, private RemoveHome $homes) {}

    public function account(User $person, User $by): void
    {
        DB::transaction(function () use ($person, $by): void {
            $person->forceFill(['disabled_at' => $person->disabled_at ?? now(), 'removed_at' => now()])->save();
            $this->sessions->endAll($person);
            $person->tokens()->delete();
            $by->office->log($by, __(':name: account removed', ['name' => $person->name]));
        });
    }

    /** What somebody did stays, his name and address do not. */
    public function accountForGood(User $person): void
    {
        $person->forceFill([
            'name' => __('Somebody who left'), 'email' => "removed-{$person->id}".User::NOWHERE, 'password' => Str::random(60),
            'remember_token' => null, 'removed_at' => null,
            'code_secret' => null, 'code_confirmed_at' => null, 'code_step' => null, 'spare_codes' => null,
        ])->save();
    }

    /** Everybody but its principals is kept out from now on; they may still bring it back. */
    public function office(Office $office, User $by): void
    {
        DB::transaction(function () use ($office, $by): void {
            $office->forceFill(['removed_at' => now()])->save();
            $office->log($by, __('the office removed'));
            foreach ($office->users()->whereKeyNot($by->id)->get() as $person) {
                $this->sessions->endAll($person);
            }
        });
    }

    public function bringBack(Office $office, User $by): void
    {
        DB::transaction(static function () use ($office, $by): void {
            $office->forceFill(['removed_at' => null])->save();
            $office->log($by, __('the office brought back'));
        });
    }

    /** All homes, mails, invitations and people of an office: nothing brings them back. */
    public function officeForGood(Office $office): void
    {
        DB::transaction(function () use ($office): void {
            Project::withTrashed()->where('office_id', $office->id)->get()->each($this->homes->forGood(...));
            foreach ([OfficeEntry::class, Invitation::class, OutgoingMail::class] as $kind) {
                $kind::query()->where('office_id', $office->id)->delete();
            }
            foreach ($office->users()->get() as $person) {
                $this->sessions->endAll($person);
                $person->tokens()->delete();
                $person->delete();
            }
            $office->delete();
        });
    }
}
