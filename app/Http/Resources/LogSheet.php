<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use App\Log\LogPage;
use App\Log\Teller;
use Biomegas\Finding\Finding;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Some of the log, newest first.')]
final readonly class LogSheet
{
    public function __construct(
        /** @var list<LogLine> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: LogLine::class))] public array $lines,
        #[OA\Property(description: 'To be given as "after" for the older ones; null: these are all.')] public ?string $next,
        #[OA\Property(description: 'Which words were taken for others, since none begins like that.')] public ?string $guessed,
    ) {
    }

    public static function from(LogPage $page, Teller $teller): self
    {
        $says = Messages::ofFacility();

        return new self(LogLine::all($page, $teller, $says), $page->next, self::guesses($page->guessed, $says));
    }

    /** @param  array<string, string>  $guessed */
    public static function guesses(array $guessed, Messages $says): ?string
    {
        return $guessed === [] ? null : $says->say(Finding::of('log.taken_as', typed: array_map(strval(...), array_keys($guessed)), words: array_values($guessed)));
    }
}
