<?php

declare(strict_types=1);

namespace App\Models;

use App\Mail\PasswordLink;
use Carbon\CarbonImmutable;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Facades\Mail;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property bool $wants_letter
 * @property CarbonImmutable|null $closed_at has left; what they wrote stays theirs
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    use LogsActivity;

    /** Nobody is remembered beyond the session. */
    protected $rememberTokenName = '';

    protected $attributes = ['wants_letter' => false, 'closed_at' => null];

    protected $hidden = ['password'];

    protected $casts = ['password' => 'hashed', 'role' => Role::class, 'wants_letter' => 'boolean', 'closed_at' => 'immutable_datetime'];

    /** What became of people stays; never a password. */
    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['name', 'email', 'role', 'closed_at'])->logOnlyDirty()->dontSubmitEmptyLogs();
    }

    /** @param  string  $token */
    public function sendPasswordResetNotification($token): void
    {
        Mail::to($this->email)->queue(new PasswordLink($this->name, PasswordLink::address($this->email, $token)));
    }
}
