<?php

declare(strict_types=1);

namespace App\Exchange;

/** What a keeper can take along as a table, in words: with names in place of numbers. Those of entries can be brought back as they are. */
enum ViewTable: string
{
    case Fish = 'fish';
    case Systems = 'systems';
    case Lengths = 'lengths';
    case Tests = 'tests';
    case Counts = 'counts';
    case Losses = 'losses';
    case Moves = 'moves';
    case Log = 'log';
}
