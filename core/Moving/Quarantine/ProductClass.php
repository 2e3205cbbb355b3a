<?php

declare(strict_types=1);

namespace Biomegas\Moving\Quarantine;

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

    /** What to mind; empty: nothing besides the label. */
    public function caution(): string
    {
        return match ($this) {
            self::Copper => 'Kills invertebrates and harms rays; stays in rock and gravel: never into the display.',
            self::Formalin => 'Takes oxygen and harms lungs and skin: air on, gloves, open windows.',
            self::Antibiotic => 'On a vet\'s prescription, for the whole course; it harms the filter too.',
            self::Antiparasitic, self::Wormer => 'Many kill shrimps and snails, and some harm rays: read the label for the kind.',
            self::Salt => 'Some catfish and many plants do not bear it.',
            self::Antifungal => '',
        };
    }
}
