<?php

declare(strict_types=1);

namespace Tests;

use App\Mail\OutboxTransport;
use App\Models\OutgoingMail;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Storage;

abstract class TestCase extends BaseTestCase
{
    /** What the factories make up is the same in every run. */
    private const SEED = 2026;

    protected function setUp(): void
    {
        parent::setUp();
        fake()->seed(self::SEED);
    }

    /** Somebody else sits down at the browser. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        session()->flush();

        return parent::actingAs($user, $guard);
    }

    /** What the mail with a secret link says that went out last. */
    protected static function lastMail(): string
    {
        $mail = OutgoingMail::query()->latest('id')->firstOrFail();

        return (string) Storage::disk('local')->get(OutboxTransport::FOLDER."/{$mail->id}.txt");
    }

    protected static function demoFile(string $name = 'orchard-terrace'): string
    {
        return dirname(__DIR__)."/database/demo/{$name}.json";
    }
}
