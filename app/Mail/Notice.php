<?php

declare(strict_types=1);

namespace App\Mail;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;

/** A short mail of an office with a link. */
final class Notice extends Mailable
{
    public function __construct(private readonly int $office, private readonly string $about, public readonly string $words, public readonly string $link) {}

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->about);
    }

    public function headers(): Headers
    {
        return new Headers(text: [OutboxTransport::OFFICE => (string) $this->office]);
    }

    public function content(): Content
    {
        return new Content(text: 'mail.notice');
    }
}
