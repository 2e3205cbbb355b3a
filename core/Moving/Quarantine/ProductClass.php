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
