<?php

declare(strict_types=1);

namespace App\Log\Tellers;

use App\Log\Names;
use App\Models\Count;
use App\Models\Makeup;
use App\Models\Measurement;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Length;
use Biomegas\Measure\MeasuredFigure;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/** Lengths, counts, and who makes up a shoal. */
final readonly class MeasuredTeller
{
    public function __construct(private Names $names)
    {
    }

    public function tell(Model $entry): Finding
    {
        return match (true) {
            $entry instanceof Measurement => $this->length($entry),
            $entry instanceof Count => Finding::of('log.count', fish: $this->names->fish($entry->fish_id), number: $entry->number, kind: $entry->kind),
            $entry instanceof Makeup => $this->makeup($entry),
            default => throw new LogicException('No measure.'),
        };
    }

    private function length(Measurement $entry): Finding
    {
        [$fish, $length, $method] = [$this->names->fish($entry->fish_id), MeasuredFigure::of(Length::ofMillimetres($entry->length_tenth_mm / 10)), $entry->method];

        return $entry->sample > 1
            ? Finding::of('log.mean_length', fish: $fish, length: $length, method: $method, sample: $entry->sample)
            : Finding::of('log.length', fish: $fish, length: $length, method: $method);
    }

    private function makeup(Makeup $entry): Finding
    {
        $fish = $this->names->fish($entry->fish_id);

        return $entry->males + $entry->females === 0
            ? Finding::of('log.sized', fish: $fish, n: $entry->count)
            : Finding::of('log.made_up', fish: $fish, males: $entry->males, females: $entry->females, n: $entry->count);
    }
}
