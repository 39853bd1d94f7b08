<?php

declare(strict_types=1);

namespace App\Mail;

use App\Queue\Once;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;

/** A short mail of an office with a link, sent off the queue. */
final class Notice extends Mailable implements ShouldQueue
{
    use Queueable;

    /** @param bool $isSecret its link is for whoever gets the mail alone */
    public function __construct(
        private readonly int $office,
        private readonly string $about,
        public readonly string $words,
        public readonly string $link,
        private readonly bool $isSecret = false,
    ) {
        $this->onConnection('mails')->through(new Once());
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->about);
    }

    public function headers(): Headers
    {
        return new Headers(text: [
            OutboxTransport::OFFICE => (string) $this->office,
            ...($this->isSecret ? [OutboxTransport::SECRET => $this->link] : []),
        ]);
    }

    public function content(): Content
    {
        return new Content(text: 'mail.notice');
    }
}
