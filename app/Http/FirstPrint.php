<?php

declare(strict_types=1);

namespace App\Http;

use App\Facility\FacilityReader;
use App\Http\Resources\DueRow;
use App\Http\Resources\SystemSheet;
use App\Http\Resources\Today;
use App\Language\Messages;
use App\Models\FacilitySettings;
use Biomegas\Finding\Finding;
use Biomegas\Planning\Agenda\AgendaKind;

/** Today as it is printed into the page: what is due, to be read before any script has come. */
final readonly class FirstPrint
{
    /** As many as a phone shows; the rest comes with the scripts. */
    private const MOST_ROWS = 12;

    private function __construct(
        public string $facility,
        public string $day,
        public Today $today,
        private Messages $says,
    ) {
    }

    /** @return self|null null: nothing lives here yet, and there is nothing to print */
    public static function of(FacilitySettings $settings): ?self
    {
        $today = Today::from(app(FacilityReader::class)->read());
        if (array_filter($today->systems, fn (SystemSheet $system): bool => $system->fish !== []) === []) {
            return null;
        }

        $says = Messages::ofFacility();

        return new self($settings->name, $says->weekday(FacilityReader::today($settings)), $today, $says);
    }

    /** @return list<array{int, DueRow, string}> each with the number of its home on the round, and what is due in words */
    public function rows(): array
    {
        $numbers = array_column($this->today->systems, 'walk_order', 'id');

        return array_map(fn (DueRow $due): array => [$numbers[$due->system_id] ?? 0, $due, $this->words($due)], array_slice($this->today->due, 0, self::MOST_ROWS));
    }

    /** The pages draw a length by its last one and a button. */
    private function words(DueRow $due): string
    {
        return match (true) {
            $due->kind !== AgendaKind::Measure => $due->words,
            $due->words === '' => $this->says->phrase(Finding::of('today.measure')),
            default => $this->says->phrase(Finding::of('today.measure_late', late: $due->words)),
        };
    }
}
