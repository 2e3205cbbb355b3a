<?php

declare(strict_types=1);

namespace App\Log\Tellers;

use App\Log\Names;
use App\Models\RoundTick;
use App\Sitting\Outcome;
use Biomegas\Finding\Finding;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/** What somebody did and saw who looked after the fish for some days. */
final readonly class SittingTeller
{
    public function __construct(private Names $names)
    {
    }

    public function tell(Model $entry): Finding
    {
        if (! $entry instanceof RoundTick) {
            throw new LogicException('No tick.');
        }
        [$sitter, $system] = [$this->names->sitter($entry->sitter_id), $this->names->system($entry->system_id)];
        $told = match ($entry->outcome) {
            Outcome::Fed => Finding::of('sitter.fed', sitter: $sitter, system: $system),
            Outcome::LeftSome => Finding::of('sitter.left_some', sitter: $sitter, system: $system),
            Outcome::NotFed => Finding::of('sitter.not_fed', sitter: $sitter, system: $system),
            Outcome::Fine => Finding::of('sitter.fine', sitter: $sitter, system: $system),
            Outcome::NotFine => Finding::of('sitter.not_fine', sitter: $sitter, system: $system),
        };

        return $entry->note === null ? $told : Finding::of('sitter.noted', what: $told, note: $entry->note);
    }
}
