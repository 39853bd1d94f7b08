<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\OutgoingMail;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Message;
use Symfony\Component\Mime\MessageConverter;

/** A stand-in for a mail server: keeps every mail for the page where its office reads what would have gone out. */
final class OutboxTransport extends AbstractTransport
{
    /** Names the office that a mail is from. */
    public const OFFICE = 'X-Office';

    public function __toString(): string
    {
        return 'outbox';
    }

    protected function doSend(SentMessage $message): void
    {
        $original = $message->getOriginalMessage();
        $email = $original instanceof Message ? MessageConverter::toEmail($original) : throw new \LogicException('The outbox keeps mails, not raw messages.');
        OutgoingMail::query()->create([
            'office_id' => $email->getHeaders()->getHeaderBody(self::OFFICE),
            'to' => implode(', ', array_map(static fn(Address $address): string => $address->getAddress(), $email->getTo())),
            'subject' => (string) $email->getSubject(),
            'body' => (string) $email->getTextBody(),
        ]);
    }
}
