<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Role;
use App\Models\RoundTick;
use App\Models\Sitter;
use App\Models\User;
use App\Sitting\Outcome;
use App\Sitting\SitterTask;
use Biomegas\Calendar\LocalDate;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Who comes in at Heron Lock besides its keeper, and a week in which somebody looked after the fish. All of it invented. */
final readonly class HeronLockPeople
{
    private const DAYS_AGO = 190;

    private const DAYS = 7;

    private const OTHERS = [['Ida', 'ida@heron-lock.example', Role::Helper], ['Ben', 'ben@heron-lock.example', Role::Viewer]];

    public function fill(LocalDate $today): void
    {
        User::query()->where('email', HeronLockSeeder::EMAIL)->update(['wants_letter' => true]);
        foreach (self::OTHERS as [$name, $email, $role]) {
            User::query()->create(['name' => $name, 'email' => $email, 'password' => HeronLockSeeder::PASSWORD, 'role' => $role]);
        }
        $from = $today->plusDays(-self::DAYS_AGO);
        $sitter = Sitter::query()->create([
            'name' => 'Nell', 'from' => $from->toIso(), 'until' => $from->plusDays(self::DAYS - 1)->toIso(), 'call' => 'Lock keeper, 01632 960 017', 'note' => 'The food stands in the blue bin; the spoon holds ten grams.',
            'secret_hash' => hash('sha256', Str::random(40)), 'seen_at' => $from->plusDays(self::DAYS - 1)->toIso().' 18:20:00',
        ]);
        $indoors = DB::table('systems')->where('kind', 'tank')->orderBy('walk_order')->limit(3)->pluck('id')->all();
        for ($day = 0; $day < self::DAYS; $day++) {
            foreach ($indoors as $i => $system) {
                $isBad = $day === 3 && $i === 1;
                $this->tick($sitter, $system, $from->plusDays($day), SitterTask::Feed, $isBad ? Outcome::LeftSome : Outcome::Fed, null);
                $this->tick($sitter, $system, $from->plusDays($day), SitterTask::Look, $isBad ? Outcome::NotFine : Outcome::Fine, $isBad ? 'One hid behind the filter and did not come for food.' : null);
            }
        }
    }

    private function tick(Sitter $sitter, int $system, LocalDate $day, SitterTask $task, Outcome $outcome, ?string $note): void
    {
        RoundTick::query()->create(['sitter_id' => $sitter->id, 'system_id' => $system, 'date' => $day->toIso(), 'time' => '18:20', 'task' => $task, 'outcome' => $outcome, 'note' => $note]);
    }
}
