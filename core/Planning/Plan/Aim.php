<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

/** What matters most to a keeper, once no rule is broken. */
enum Aim: string
{
    case FewestMoves = 'fewest-moves';
    case LeastCost = 'least-cost';
    case MostRoom = 'most-room';
    case SoonestDone = 'soonest-done';

    /** What it is worth to be spared something. Judgement. */
    public function weights(): Weights
    {
        return match ($this) {
            self::FewestMoves => new Weights(move: 40.0, opening: 60.0, money: 0.02, closeness: 0.05, waiting: 0.0),
            self::LeastCost => new Weights(move: 20.0, opening: 60.0, money: 0.2, closeness: 0.05, waiting: 0.0),
            self::MostRoom => new Weights(move: 15.0, opening: 40.0, money: 0.02, closeness: 1.0, waiting: 0.0),
            self::SoonestDone => new Weights(move: 25.0, opening: 60.0, money: 0.02, closeness: 0.05, waiting: 0.08),
        };
    }
}
