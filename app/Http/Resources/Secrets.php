<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\FacilitySettings;
use App\Models\Probe;
use App\Models\System;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What opens a door without a password.')]
final readonly class Secrets
{
    /** More devices than stand in any fish house. */
    private const MOST = 500;

    /** @param  list<SecretRow>  $probes */
    public function __construct(
        #[OA\Property(description: 'Whoever knows an address may read the calendar.')] public bool $calendar,
        #[OA\Property(description: 'Devices that may post readings.', type: 'array', items: new OA\Items(ref: SecretRow::class))] public array $probes,
    ) {
    }

    public static function now(): self
    {
        $heard = DB::table('personal_access_tokens')->where('tokenable_type', Probe::class)->groupBy('tokenable_id')->selectRaw('tokenable_id, max(last_used_at) as used')->pluck('used', 'tokenable_id');
        $systems = System::query()->pluck('name', 'id');

        return new self(
            FacilitySettings::query()->value('calendar_token') !== null,
            array_values(Probe::query()->orderBy('system_id')->orderBy('id')->limit(self::MOST)->get()->map(fn (Probe $probe): SecretRow => new SecretRow(
                $probe->id, $probe->name, (string) ($systems[$probe->system_id] ?? ''), isset($heard[$probe->id]) ? CarbonImmutable::parse($heard[$probe->id], 'UTC')->toIso8601ZuluString() : null,
            ))->all()),
        );
    }
}
