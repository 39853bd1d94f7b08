<?php

declare(strict_types=1);

namespace App\Actions;

use App\Mail\Link;
use App\Mail\Notice;
use App\Models\Office;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;

/** Opens an office with its first principal, who has no password until he follows the link that he gets. */
final class OpenOffice
{
    /** @return string the link by which the principal sets a password */
    public function open(string $name, string $email, string $person): string
    {
        return DB::transaction(static function () use ($name, $email, $person): string {
            $office = Office::query()->create(['name' => $name]);
            $principal = $office->users()->create([
                'name' => $person, 'email' => Str::lower($email), 'password' => Str::random(48), 'role' => Role::Principal,
            ]);
            $office->log($principal, __('opened the office'));
            $link = Link::to('password.reset', ['token' => Password::createToken($principal), 'email' => $principal->email]);
            Mail::to($principal->email)->send(new Notice(
                $office->id,
                __(':name on Heurema', ['name' => $name]),
                __(
                    ':name has an office of its own. The link below is good for an hour and sets your password; after that ask '
                    .'for another one on the page where one signs in.',
                    ['name' => $name],
                ),
                $link,
                true,
            ));

            return $link;
        });
    }
}
