<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Mail\MailSetUp;
use App\Models\FacilitySettings;
use App\Models\Letter;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How letters go out, and those that are kept here.')]
final readonly class Post
{
    private const SHOWN = 30;

    /** @param  list<LetterRow>  $letters */
    public function __construct(
        #[OA\Property(description: 'When the letter of the morning goes out: HH:MM, on the clock of the place.')] public string $at,
        #[OA\Property(description: 'Letters leave this machine; else they are kept here.')] public bool $is_mailed,
        #[OA\Property(description: 'The mail server, when there is one.')] public ?string $server,
        #[OA\Property(description: 'Why the last letter did not go out.')] public ?string $problem,
        #[OA\Property(description: 'When it was tried last.', format: 'date-time')] public ?string $tried_at,
        #[OA\Property(description: 'When it was sent just now: to how many. 0: nothing is due.', nullable: true)] public ?int $sent,
        #[OA\Property(description: 'The latest first.', type: 'array', items: new OA\Items(ref: LetterRow::class))] public array $letters,
    ) {
    }

    public static function now(?int $sent = null): self
    {
        $place = FacilitySettings::query()->firstOrFail();
        $isMailed = MailSetUp::reachesPeople();

        return new self(
            substr($place->letter_at, 0, 5), $isMailed, $isMailed ? (string) config('mail.mailers.smtp.host') : null, $place->letter_problem, $place->letter_tried_at?->toIso8601ZuluString(), $sent,
            array_values(Letter::query()->latest('id')->limit(self::SHOWN)->get()->map(fn (Letter $letter): LetterRow => new LetterRow($letter->id, $letter->to, $letter->subject, $letter->text, $letter->sent_at->toIso8601ZuluString()))->all()),
        );
    }
}
