<?php

declare(strict_types=1);

namespace App\Log;

use App\Language\Messages;
use App\Models\FacilitySettings;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * What each line of the log says, for the search. The database marks a line as
 * untold whenever what it tells of is written (migration 23); here it is told.
 */
final readonly class LogIndex
{
    private const PER_STATEMENT = 500;

    public function __construct(private Teller $teller)
    {
    }

    /**
     * @param  int  $most  how many at most; those written last come first
     * @return int how many it told
     */
    public function tell(int $most): int
    {
        $told = 0;
        while ($told < $most) {
            $lines = DB::table('log_lines')->whereNull('text')->orderByDesc('id')->limit(min(self::PER_STATEMENT, $most - $told))->get();
            if ($lines->isEmpty()) {
                break;
            }
            $this->write($lines->all());
            $told += $lines->count();
        }

        return $told;
    }

    /** @param  array<stdClass>  $lines */
    private function write(array $lines): void
    {
        $says = Messages::ofFacility();
        $zone = FacilitySettings::query()->firstOrFail()->time_zone;
        $found = $this->teller->tellAll($lines);
        DB::transaction(function () use ($lines, $says, $zone, $found): void {
            foreach ($lines as $line) {
                $columns = ['text' => $says->say($found[$line->id])];
                if ($line->kind === LogKind::Change->value) {
                    // Changes are stamped by the clock of the server.
                    $written = CarbonImmutable::parse($line->written_at, 'UTC')->setTimezone($zone);
                    $columns += ['date' => $written->toDateString(), 'time' => $written->format('H:i')];
                }
                DB::table('log_lines')->where('id', $line->id)->update($columns);
            }
        });
    }
}
