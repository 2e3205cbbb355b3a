<?php

declare(strict_types=1);

namespace App\Species;

/** The outlines of the drawing kit, by what a fish looks like. */
enum Outline: string
{
    case Torpedo = 'torpedo';
    case Deep = 'deep';
    case Eel = 'eel';
    case Catfish = 'catfish';
    case Sturgeon = 'sturgeon';
    case Knifefish = 'knifefish';
    case Barb = 'barb';
    case Ray = 'ray';
    case Puffer = 'puffer';
    case Snail = 'snail';
    case Shrimp = 'shrimp';
    case Crayfish = 'crayfish';
    case Newt = 'newt';
    case Turtle = 'turtle';
    case None = 'none';
}
