<?php

declare(strict_types=1);

namespace App\Mail;

use App\Language\Messages;
use App\Models\FacilitySettings;
use Biomegas\Finding\Finding;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** The way to a new password, for an hour and once. It is sent aside, so that an address that is known takes no longer to answer. */
final class PasswordLink extends Mailable
{
    public function __construct(private readonly string $name, private readonly string $address)
    {
    }

    /** What follows "#" is never sent to a server, so it stands in no log. */
    public static function address(string $email, string $token): string
    {
        return url('/password').'#'.http_build_query(['email' => $email, 'token' => $token]);
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Messages::ofFacility()->say(Finding::of('mail.password_subject', place: FacilitySettings::query()->firstOrFail()->name)));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.plain', with: ['lines' => Messages::ofFacility()->sayEach([
            Finding::of('mail.greeting', name: $this->name),
            Finding::of('mail.password', address: $this->address),
            Finding::of('mail.password_unasked'),
        ])]);
    }
}
