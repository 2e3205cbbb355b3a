<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** Kinds of log entries besides lengths, which the sheet lists by themselves. */
enum LogType: string
{
    case Incident = 'incident';
    case Loss = 'loss';
    case Count = 'count';
    case Move = 'move';
    case Makeup = 'makeup';
    case Parting = 'parting';
    case Joining = 'joining';
    case Inspection = 'inspection';
    case Species = 'species';
    case Candidates = 'candidates';
    case Sex = 'sex';
    case Hatched = 'hatched';
    case Adult = 'adult';
    case Temper = 'temper';
    case Ration = 'ration';
}
