<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** The growth curves by the names of the file formats. */
enum CurveName: string
{
    case VonBertalanffy = 'von-bertalanffy';
    case Gompertz = 'gompertz';
    case Logistic = 'logistic';
    /** The mean of von Bertalanffy and Gompertz. */
    case Average = 'average';
}
