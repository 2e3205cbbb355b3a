<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Letter;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** Keeps letters here, where no mail server is set up. */
final class MailboxTransport extends AbstractTransport
{
    public const NAME = 'mailbox';

    protected function doSend(SentMessage $message): void
    {
        $letter = $message->getOriginalMessage();
        if (! $letter instanceof Email) {
            return;
        }
        Letter::query()->create([
            'to' => implode(', ', array_map(fn (Address $to): string => $to->getAddress(), $message->getEnvelope()->getRecipients())),
            'subject' => (string) $letter->getSubject(), 'text' => (string) $letter->getTextBody(), 'sent_at' => now(),
        ]);
        Letter::query()->whereNotIn('id', Letter::query()->latest('id')->limit(Letter::MOST)->select('id'))->delete();
    }

    public function __toString(): string
    {
        return self::NAME;
    }
}
