<?php

declare(strict_types=1);

namespace App\Log\Tellers;

use App\Log\Names;
use App\Models\HealthObservation;
use App\Models\Inspection;
use App\Models\Treatment;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/** Looks at fish, what was looked at, and treatments. */
final readonly class HealthTeller
{
    public function __construct(private Names $names)
    {
    }

    public function tell(Model $entry): Finding
    {
        return match (true) {
            $entry instanceof HealthObservation => $this->look($entry),
            $entry instanceof Inspection => $this->inspection($entry),
            $entry instanceof Treatment => $this->treatment($entry),
            default => throw new LogicException('No look.'),
        };
    }

    private function look(HealthObservation $look): Finding
    {
        $fish = $this->names->fish($look->fish_id);
        $told = $look->is_eating ? Finding::of('log.look_eats', fish: $fish) : Finding::of('log.look_not_eating', fish: $fish);

        return $look->sign === null ? $told : Finding::of('log.look_sign', what: $told, sign: $look->sign);
    }

    private function inspection(Inspection $inspection): Finding
    {
        $told = Finding::of('log.inspected', fish: $this->names->fish($inspection->fish_id), what: $inspection->what);

        return $inspection->note === null ? $told : Finding::of('log.because', what: $told, cause: $inspection->note);
    }

    private function treatment(Treatment $treatment): Finding
    {
        $told = Finding::of('log.treated', fish: $this->names->fish($treatment->fish_id), product: $treatment->product_class, until: LocalDate::fromIso($treatment->until));

        return $treatment->dose === null ? $told : Finding::of('log.because', what: $told, cause: $treatment->dose);
    }
}
