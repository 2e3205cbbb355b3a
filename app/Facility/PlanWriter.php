<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Plan as Written;
use App\Models\PlanState;
use Biomegas\Facility\System;
use Biomegas\Planning\Plan\Plan;
use Biomegas\Planning\Plan\PlanMove;
use Biomegas\Planning\Plan\ProposedHomes;
use Biomegas\Planning\Supposing\OneMore;
use Biomegas\Planning\Supposing\Parted;
use Illuminate\Support\Facades\DB;

/** Writes down what a plan decided. */
final readonly class PlanWriter
{
    public static function keep(Written $written, Plan $plan, float $seconds): void
    {
        $decision = $plan->decision;
        DB::transaction(function () use ($written, $plan, $decision, $seconds): void {
            $written->moves()->delete();
            foreach ($plan->moves as $move) {
                $written->moves()->create(self::row($move));
            }
            $written->update([
                'state' => PlanState::Ready, 'seconds' => $seconds, 'horizon' => $decision->horizon->toIso(), 'objective' => $decision->objective,
                'bound' => $decision->bound, 'least_moves' => $decision->leastMoves, 'staying' => array_map(Keys::id(...), $decision->staying),
                'built' => array_map(fn (System $home): array => BuiltHomes::write($home), $decision->built),
            ]);
        });
    }

    /** @return array<string, mixed> */
    private static function row(PlanMove $move): array
    {
        $place = fn (string $side, string $key): array => ProposedHomes::isProposed($key)
            ? ["{$side}_built" => $key]
            : ["{$side}_system_id" => Keys::id($key)];

        return [
            'fish_id' => $move->fish->key === OneMore::KEY ? null : Keys::id($move->fish->key), ...$place('from', $move->from->key), ...$place('to', $move->to->key),
            'on' => $move->on->toIso(), 'waits_in_tub' => $move->waitsInTub, 'at_length' => $move->atLength, 'is_of_part' => Parted::isPart($move->fish->key),
        ];
    }
}
