<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A move that a plan decided on.
 *
 * @property int $id
 * @property int $plan_id
 * @property int|null $fish_id null: one that is only thought of
 * @property int|null $from_system_id
 * @property int|null $to_system_id
 * @property string|null $from_built
 * @property string|null $to_built
 * @property string $on
 * @property bool $waits_in_tub
 * @property bool $is_of_part those of a shoal that go their own way
 * @property float|null $at_length millimetres; null: the day counts
 */
final class PlanMove extends Model
{
    public $timestamps = false;

    protected $casts = ['waits_in_tub' => 'boolean', 'is_of_part' => 'boolean'];

    protected $attributes = ['is_of_part' => false];
}
