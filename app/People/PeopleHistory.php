<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Role;
use App\Models\User;
use Biomegas\Finding\Finding;
use Carbon\CarbonImmutable;
use Spatie\Activitylog\Models\Activity;

/** What became of people: who came, who may what since when, who left. */
final readonly class PeopleHistory
{
    private const SHOWN = 30;

    /** @return list<array{CarbonImmutable, Finding}> the latest first */
    public static function latest(): array
    {
        $names = User::query()->pluck('name', 'id');
        $told = [];
        foreach (Activity::query()->where('subject_type', User::class)->latest('id')->limit(self::SHOWN)->get() as $change) {
            $finding = self::tell($change, (string) ($names[$change->subject_id] ?? ''), (string) ($names[$change->causer_id ?? 0] ?? ''));
            if ($finding !== null) {
                $told[] = [CarbonImmutable::parse($change->created_at), $finding];
            }
        }

        return $told;
    }

    /** @param  string  $by  empty: nobody who is signed in */
    private static function tell(Activity $change, string $name, string $by): ?Finding
    {
        [$new, $old] = [$change->properties['attributes'] ?? [], $change->properties['old'] ?? []];
        $what = match (true) {
            $change->event === 'created' => Finding::of('people.came', name: $name, role: Role::from($new['role'])),
            array_key_exists('closed_at', $new) => $new['closed_at'] === null ? Finding::of('people.may_come_again', name: $name) : Finding::of('people.left', name: $name),
            isset($new['role']) => Finding::of('people.has_role', name: $name, role: Role::from($new['role']), before: Role::from($old['role'])),
            isset($new['name']) => Finding::of('people.renamed', name: $new['name'], before: $old['name']),
            isset($new['email']) => Finding::of('people.moved', name: $name),
            default => null,
        };

        return $what === null || $by === '' || $by === $name ? $what : Finding::of('people.by', what: $what, by: $by);
    }
}
