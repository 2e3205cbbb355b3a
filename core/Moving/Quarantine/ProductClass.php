<?php

declare(strict_types=1);

namespace Biomegas\Moving\Quarantine;

use Biomegas\Finding\Finding;

/** What a treatment is, and what it does besides. The label and a vet decide. */
enum ProductClass: string
{
    case Copper = 'copper';
    case Formalin = 'formalin';
    case Antiparasitic = 'antiparasitic';
    case Wormer = 'wormer';
    case Antibiotic = 'antibiotic';
    case Antifungal = 'antifungal';
    case Salt = 'salt';

    /** Share of the bacteria of a filter that a course in its water leaves. Judgement from practice, no published source. */
    public function filterLeft(): float
    {
        return match ($this) {
            self::Antibiotic => 0.3,
            self::Formalin => 0.6,
            self::Copper => 0.8,
            self::Antiparasitic, self::Wormer, self::Antifungal, self::Salt => 1.0,
        };
    }

    /** What to mind; null: nothing besides the label. */
    public function caution(): ?Finding
    {
        return match ($this) {
            self::Copper => Finding::of('quarantine.product.copper'),
            self::Formalin => Finding::of('quarantine.product.formalin'),
            self::Antibiotic => Finding::of('quarantine.product.antibiotic'),
            self::Antiparasitic, self::Wormer => Finding::of('quarantine.product.antiparasitic'),
            self::Salt => Finding::of('quarantine.product.salt'),
            self::Antifungal => null,
        };
    }
}
