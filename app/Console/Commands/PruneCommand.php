<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\FoldEdits;
use App\Actions\PlacePictureBeneath;
use App\Actions\RemoveHome;
use App\Actions\RemovePeople;
use App\Http\Middleware\DoneOnce;
use App\Letters\PrintedLetters;
use App\Mail\OutboxTransport;
use App\Models\Office;
use App\Models\OutgoingMail;
use App\Models\PendingPage;
use App\Models\Project;
use App\Models\Scheme;
use App\Models\User;
use App\Queue\Once;
use App\Security\Sessions;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;

/** Throws away what nobody needs any more; the scheduler runs it every night. */
final class PruneCommand extends Command
{
    /** Mails, invitations that ended, and finished batches are kept for so many days; rule books as they were understood for fewer. */
    private const DAYS = 90;
    private const BOOK_DAYS = 30;

    /** Pages of PDFs that were not drawn, or could not be. */
    private const PAGE_DAYS = 7;

    protected $signature = 'heurema:prune';

    protected $description = 'Throws away homes, accounts and offices that were removed long ago, old mails, ended invitations, '
        .'and what was only kept to be quick';

    public function handle(RemoveHome $homes, RemovePeople $people, FoldEdits $edits): int
    {
        Scheme::query()->select('id')->lazyById()->each($edits->fold(...));
        $long = now()->subDays(RemovePeople::DAYS);
        Office::query()->where('removed_at', '<', $long)->get()->each($people->officeForGood(...));
        User::query()->where('removed_at', '<', $long)->get()->each($people->accountForGood(...));
        $removed = Project::onlyTrashed()->where('removed_at', '<', now()->subDays(RemoveHome::DAYS))->get();
        $removed->each($homes->forGood(...));
        $mails = OutgoingMail::query()->where('created_at', '<', now()->subDays(self::DAYS))->get();
        foreach ($mails as $mail) {
            Storage::disk('local')->delete(OutboxTransport::FOLDER."/{$mail->id}.txt");
            $mail->delete();
        }
        $invitations = DB::table('invitations')->whereNull('accepted_at')->where('expires_at', '<', now()->subDays(self::DAYS))->delete();
        $tokens = DB::table('password_reset_tokens')->where('created_at', '<', now()->subDay())->delete();
        $batches = DB::table('job_batches')
            ->whereNotNull('finished_at')
            ->where('finished_at', '<', now()->subDays(self::DAYS)->getTimestamp())
            ->delete();
        $cached = DB::table('cache')->where('expiration', '<', now()->getTimestamp())->delete();
        DB::table('personal_access_tokens')->where('expires_at', '<', now()->subDays(self::DAYS))->delete();
        DB::table('done_jobs')->where('done_at', '<', now()->subDays(Once::DAYS))->delete();
        DB::table('presses')->where('pressed_at', '<', now()->subDays(DoneOnce::DAYS))->delete();
        DB::table('failed_jobs')->where('failed_at', '<', now()->subDays(self::DAYS))->delete();
        PendingPage::query()->where('updated_at', '<', now()->subDays(self::PAGE_DAYS))->get()->each(PlacePictureBeneath::drop(...));
        Sessions::prune();
        $this->pruneBooks();
        $this->pruneLetters();
        $this->pruneBackups();
        $this->info(
            "{$removed->count()} homes, {$mails->count()} mails, {$invitations} invitations, {$tokens} links, "
            ."{$batches} batches, {$cached} kept reports thrown away.",
        );

        return self::SUCCESS;
    }

    /** They can be set again. */
    private function pruneLetters(): void
    {
        $disk = Storage::disk('local');
        foreach (array_filter($disk->files(PrintedLetters::FOLDER), is_string(...)) as $file) {
            if ($disk->lastModified($file) < now()->subDays(self::DAYS)->getTimestamp()) {
                $disk->delete($file);
            }
        }
    }

    /** Those that upgrades made; the last one stays. */
    private function pruneBackups(): void
    {
        $folder = storage_path(UpgradeCommand::BACKUPS);
        foreach (array_slice(array_reverse(is_dir($folder) ? File::files($folder) : []), 1) as $file) {
            if ($file->getMTime() < now()->subDays(self::DAYS)->getTimestamp()) {
                File::delete($file->getPathname());
            }
        }
    }

    /** Each time that a rule book or the code changes they are understood anew. */
    private function pruneBooks(): void
    {
        $folder = storage_path('framework/cache/books');
        foreach (is_dir($folder) ? File::files($folder) : [] as $file) {
            if ($file->getMTime() < now()->subDays(self::BOOK_DAYS)->getTimestamp()) {
                File::delete($file->getPathname());
            }
        }
    }
}
