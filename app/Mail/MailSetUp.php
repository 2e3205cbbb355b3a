<?php

declare(strict_types=1);

namespace App\Mail;

/** Whether letters leave this machine. */
final readonly class MailSetUp
{
    public static function reachesPeople(): bool
    {
        return config('mail.default') !== MailboxTransport::NAME;
    }
}
