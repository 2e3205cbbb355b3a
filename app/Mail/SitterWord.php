<?php

declare(strict_types=1);

namespace App\Mail;

use App\Language\Messages;
use Biomegas\Finding\Finding;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A sitter saw that not all is well: the keeper hears of it at once. */
final class SitterWord extends Mailable
{
    public function __construct(private readonly string $sitter, private readonly string $system, private readonly string $note, private readonly string $call)
    {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Messages::ofFacility()->say(Finding::of('mail.sitter_subject', system: $this->system)));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.plain', with: ['lines' => Messages::ofFacility()->sayEach([
            Finding::of('mail.sitter', sitter: $this->sitter, system: $this->system, note: $this->note),
            Finding::of('mail.sitter_was_told', call: $this->call),
        ])]);
    }
}
