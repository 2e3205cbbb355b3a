<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Success;

/**
 * What was done in a system against chasing.
 *
 * @property int|null $incident_id the incident with which it was written down
 * @property Intervention $intervention
 * @property Success|null $success whether it helped; null: not known yet
 */
final class Attempt extends SystemEntry
{
    protected $casts = ['intervention' => Intervention::class, 'success' => Success::class];
}
