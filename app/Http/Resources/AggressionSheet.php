<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\AggressionBook;
use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Language\Messages;
use App\Models\WatchedSpan;
use Biomegas\Company\Aggression\Aggression;
use Biomegas\Company\Aggression\Around;
use Biomegas\Company\Aggression\HomeChange;
use Biomegas\Company\Aggression\HotPair;
use Biomegas\Company\Aggression\OpenCase;
use Biomegas\Company\Aggression\Trend;
use Biomegas\Company\Rank\Standing;
use Biomegas\Facility\Equipment\LightState;
use Biomegas\Finding\Finding;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What a year of acts in a system tells.')]
final readonly class AggressionSheet
{
    private const MOST = 12;

    /**
     * @param  list<string>  $sentences
     * @param  list<OpenCaseRow>  $cases
     * @param  list<AttemptRow>  $tried
     * @param  list<StandingRow>  $standings
     * @param  list<LightRow>  $lights
     * @param  list<HotPairRow>  $pairs
     * @param  list<AroundRow>  $around
     * @param  list<RatingSeries>  $ratings
     * @param  list<HomeChangeRow>  $changes
     * @param  list<LossRow>  $losses
     */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Acts of the last year.')] public int $acts,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What is worth saying, what matters most first.')] public array $sentences,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/OpenCaseRow'))] public array $cases,
        #[OA\Property(ref: '#/components/schemas/NextStepRow', nullable: true, description: 'Null: no case is open.')] public ?NextStepRow $next,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/AttemptRow'), description: 'What was done, newest first.')] public array $tried,
        #[OA\Property(ref: '#/components/schemas/RateRow', nullable: true, description: 'Null: nobody watched.')] public ?RateRow $rate,
        #[OA\Property(type: 'string', enum: Trend::class)] public Trend $trend,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/StandingRow'), description: 'The highest first.')] public array $standings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/LightRow'), description: 'Empty: it is not known when the lights change.')] public array $lights,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/HotPairRow'))] public array $pairs,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/AroundRow'), description: 'Newest first.')] public array $around,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/RatingSeries'), description: 'Of those that live there.')] public array $ratings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/HomeChangeRow'), description: 'Who came and went over the last year, by date.')] public array $changes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/LossRow'), description: 'The newest that were lost there first.')] public array $losses,
        #[OA\Property(nullable: true, description: 'Number of the watched time whose clock runs.')] public ?int $watching_id,
        #[OA\Property(nullable: true, description: 'Since when it runs.')] public ?string $watching_since,
    ) {
    }

    public static function from(FacilitySnapshot $kept, int $systemId): self
    {
        $system = $kept->system($systemId);
        $book = new AggressionBook($kept);
        $aggression = $book->of($system);
        $names = $book->names($system);
        $says = $kept->says();
        $running = WatchedSpan::query()->where('system_id', $systemId)->whereNull('minutes')->first();

        return new self(
            $system->name,
            count($aggression->acts),
            array_map(fn (Finding $finding): string => $says->say($finding), $aggression->findings($names)),
            array_map(fn (OpenCase $case): OpenCaseRow => new OpenCaseRow(Keys::id($case->victim), $names[$case->victim], $says->say($case->finding($names)), $case->isFresh), $aggression->cases),
            NextStepRow::from($aggression->next, $says),
            array_map(fn (array $tried): AttemptRow => AttemptRow::from($tried[0], $tried[1], $says), $book->tried($systemId)),
            $aggression->rate === null ? null : new RateRow($aggression->rate->acts, round($aggression->rate->hours, 1), round($aggression->rate->perHour, 2), round($aggression->rate->low, 2), round($aggression->rate->high, 2)),
            $aggression->trend,
            array_map(fn (Standing $standing): StandingRow => new StandingRow(Keys::id($standing->key), $names[$standing->key], round($standing->score, 2), $standing->won, $standing->lost, round($standing->first, 3)), $aggression->order->standings),
            self::lights($aggression, $says),
            array_map(fn (HotPair $pair): HotPairRow => new HotPairRow($names[$pair->actor], $names[$pair->target], $pair->acts, $pair->harmful), array_slice($aggression->pairs, 0, self::MOST)),
            array_map(fn (Around $around): AroundRow => new AroundRow(HomeChangeRow::from($around->change, $names, $says), $around->before, $around->after, $around->isGoingOn), array_slice($aggression->around, 0, self::MOST)),
            RatingSeries::all($aggression->ratings, $names, array_map(fn ($fish): string => $fish->key, $kept->facility->residentsOf($system))),
            array_map(fn (HomeChange $change): HomeChangeRow => HomeChangeRow::from($change, $names, $says), array_values(array_filter($book->changes($systemId), fn (HomeChange $change): bool => $change->fish !== null))),
            LossRow::in($kept->unreadable, $systemId),
            $running?->id,
            $running?->began_at,
        );
    }

    /** @return list<LightRow> */
    private static function lights(Aggression $aggression, Messages $says): array
    {
        $tally = $aggression->lights;

        return $tally === null || $tally->timed === 0 ? [] : array_map(fn (LightState $light): LightRow => new LightRow($light, $says->label($light), $tally->acts[$light->value]), LightState::cases());
    }
}
