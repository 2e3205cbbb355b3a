<?php

declare(strict_types=1);

namespace App\Mail;

use App\Facility\FacilityReader;
use App\Language\Messages;
use App\Models\FacilitySettings;
use App\Models\User;
use Biomegas\Finding\Finding;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Sends the letter of the morning, once a day; what could not be sent is tried again until it is. */
final readonly class Letters
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public static function isDue(FacilitySettings $place): bool
    {
        $now = now($place->time_zone);

        return $place->letter_sent_on !== $now->toDateString() && $now->format('H:i') >= substr($place->letter_at, 0, 5);
    }

    /**
     * @param  User|null  $only  to them alone, whatever the hour; null: to all who want it
     * @return int to how many it went
     */
    public function send(?User $only = null): int
    {
        $place = FacilitySettings::query()->firstOrFail();
        $letter = MorningLetter::of($this->reader->read(), $place);
        $to = $only === null ? User::query()->where('wants_letter', true)->whereNull('closed_at')->orderBy('id')->get()->all() : [$only];
        $sent = 0;
        $problem = null;
        foreach ($to as $user) {
            if ($letter === null) {
                break;
            }
            try {
                Mail::to($user->email, $user->name)->send(clone $letter);
                $sent++;
            } catch (TransportExceptionInterface $e) {
                Log::warning('A letter could not be sent.', ['reason' => $e->getMessage()]);
                $problem = Messages::ofFacility()->say(Finding::of('mail.not_sent', reason: self::firstLine($e->getMessage())));
                break;
            }
        }
        // Its own columns alone: this is no change of the place.
        FacilitySettings::query()->whereKey($place->id)->toBase()->update([
            'letter_tried_at' => now(), 'letter_problem' => $problem, ...($problem === null && $only === null ? ['letter_sent_on' => now($place->time_zone)->toDateString()] : []),
        ]);

        return $sent;
    }

    /** Mail servers answer at length. */
    private static function firstLine(string $text): string
    {
        return mb_strimwidth(strtok($text, "\r\n") ?: '', 0, 300, '…');
    }
}
