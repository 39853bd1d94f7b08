<?php

declare(strict_types=1);

namespace App\Mail;

use App\Files\StoredFile;
use App\Models\OutgoingMail;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Message;
use Symfony\Component\Mime\MessageConverter;

/** A stand-in for a mail server: keeps every mail for the page where its office reads what would have gone out, links that are
 * somebody's alone left out. */
final class OutboxTransport extends AbstractTransport
{
    /** Names the office that a mail is from. */
    public const OFFICE = 'X-Office';

    /** The link in a mail that only whoever gets it may follow. */
    public const SECRET = 'X-Secret-Link';

    /** Where mails with such a link lie as they would have gone out, for whoever runs this server. */
    public const FOLDER = 'mail';

    public function __toString(): string
    {
        return 'outbox';
    }

    protected function doSend(SentMessage $message): void
    {
        $original = $message->getOriginalMessage();
        $email = $original instanceof Message
            ? MessageConverter::toEmail($original)
            : throw new \LogicException('The outbox keeps mails, not raw messages.');
        $secret = $email->getHeaders()->getHeaderBody(self::SECRET);
        $body = (string) $email->getTextBody();
        DB::transaction(static function () use ($email, $secret, $body): void {
            $mail = OutgoingMail::query()->create([
                'office_id' => $email->getHeaders()->getHeaderBody(self::OFFICE),
                'to' => implode(', ', array_map(static fn(Address $address): string => $address->getAddress(), $email->getTo())),
                'subject' => (string) $email->getSubject(),
                'body' => is_string($secret) ? str_replace($secret, __('[a link for whoever gets this mail alone]'), $body) : $body,
            ]);
            if (is_string($secret)) {
                StoredFile::put(Storage::disk('local'), self::FOLDER."/{$mail->id}.txt", $body);
            }
        });
    }
}
