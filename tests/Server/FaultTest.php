<?php

declare(strict_types=1);

namespace Tests\Server;

use App\Jobs\SolvePlan;
use App\Models\Note;
use App\Models\Plan;
use App\Models\PlanState;
use Biomegas\Planning\Plan\Aim;
use Illuminate\Support\Facades\DB;
use PDO;
use Symfony\Component\Process\Process;

/** What happens to machines. Each ends in a sentence and no loss. */
final class FaultTest extends ServerTestCase
{
    public function test_a_full_disk_is_said_and_what_was_written_before_stays(): void
    {
        $this->server->kill();
        DB::disconnect();
        // Room for a little more than there is: bash counts in blocks of 1024 bytes.
        $full = new RunningServer($this->file, (int) ceil((int) filesize($this->file) / 1024) + 64);
        $full->start();
        $client = (new Client($full->url))->signIn();
        $written = [];
        $answer = [0, null];
        for ($i = 0; $i < 400 && $answer[0] !== 507; $i++) {
            $text = "note {$i} ".str_repeat('x', 3000);
            $answer = $client->send('POST', '/api/v1/notes', ['date' => now()->toDateString(), 'text' => $text, 'fish_id' => null, 'system_id' => null, 'time' => null]);
            if ($answer[0] === 201) {
                $written[] = $text;
            }
        }
        $this->assertSame(507, $answer[0], json_encode($answer[1]) ?: '');
        $this->assertSame('The disk of the machine is full: this was not written down. Make room there, then save again; what you typed is still here.', $answer[1]['message']);
        $this->assertSame(200, $client->send('GET', '/api/v1/today')[0], 'what is there can be read');
        $full->kill();

        $this->server->start();
        $client = (new Client($this->server->url))->signIn();
        $this->assertEqualsCanonicalizing($written, Note::query()->where('text', 'like', 'note %')->pluck('text')->all());
        $this->assertSame('ok', DB::selectOne('pragma integrity_check')->integrity_check);
        $this->assertSame(201, $this->note($client), 'with room again, it goes on');
    }

    public function test_a_database_that_another_process_holds_is_said_and_nothing_is_lost(): void
    {
        $client = (new Client($this->server->url))->signIn();
        $holder = new PDO("sqlite:{$this->file}");
        $holder->exec('begin immediate');
        [$status, $told] = $client->send('POST', '/api/v1/notes', ['date' => now()->toDateString(), 'text' => 'held', 'fish_id' => null, 'system_id' => null, 'time' => null]);
        $this->assertSame([503, 'Another entry is being written. Try again in a moment.'], [$status, $told['message']]);
        $this->assertSame(200, $client->send('GET', '/api/v1/fish')[0], 'whoever reads does not wait');
        $holder->exec('rollback');
        $this->assertSame(201, $this->note($client));
        $this->assertSame(0, Note::query()->where('text', 'held')->count());
    }

    public function test_a_worker_that_is_killed_in_the_midst_of_a_plan_leaves_it_to_the_next(): void
    {
        config(['queue.default' => 'database']);
        $plan = Plan::query()->create(['aim' => Aim::cases()[0], 'months' => 24, 'may_build' => false, 'locks' => [], 'supposed' => [], 'state' => PlanState::Waiting]);
        SolvePlan::dispatch($plan->id, 3.0);
        $environment = ['APP_ENV' => 'local', 'DB_DATABASE' => $this->file, 'ANSWERS_DATABASE' => "{$this->file}-answers", 'QUEUE_CONNECTION' => 'database', 'CACHE_STORE' => 'file', 'LOG_CHANNEL' => 'null', 'APP_CONFIG_CACHE' => base_path('.state/none.php')];
        $work = fn (string ...$command): Process => new Process([PHP_BINARY, 'artisan', ...$command], base_path(), $environment, null, 60);
        $first = $work('queue:work', '--once');
        $first->start();
        $until = microtime(true) + 15;
        while ($plan->refresh()->state !== PlanState::Solving && microtime(true) < $until) {
            usleep(50_000);
        }
        $this->assertSame(PlanState::Solving, $plan->state);
        $first->stop(0, SIGKILL);
        $this->assertSame(1, DB::table('jobs')->whereNotNull('reserved_at')->count(), 'left reserved');

        $work('biomegas:requeue')->mustRun();
        $work('queue:work', '--once')->mustRun();
        $this->assertSame(PlanState::Ready, $plan->refresh()->state);
        $this->assertSame(0, DB::table('jobs')->count());
    }

    public function test_a_server_whose_database_may_only_be_read_says_so(): void
    {
        if (posix_geteuid() !== 0) {
            $this->markTestSkipped('Only root can become somebody who may not write.');
        }
        $this->server->kill();
        DB::disconnect();
        $folder = sys_get_temp_dir().'/biomegas-readonly-'.bin2hex(random_bytes(6));
        mkdir($folder, 0755);
        copy($this->file, "{$folder}/db.sqlite");
        chmod("{$folder}/db.sqlite", 0644);
        config(['database.connections.sqlite.database' => "{$folder}/db.sqlite", 'database.connections.sqlite.journal_mode' => null]);
        DB::purge();
        $user = \App\Models\User::query()->firstOrFail();
        $write = fn () => $this->actingAs($user)->postJson('/api/v1/notes', ['date' => now()->toDateString(), 'text' => 'no', 'fish_id' => null, 'system_id' => null, 'time' => null]);
        // Once before, with a connection that may not write: somebody else may not read the files of the application either.
        DB::statement('pragma query_only = on');
        $this->assertSame(503, $write()->getStatusCode());
        DB::purge();
        posix_seteuid(65534);
        try {
            $read = $this->getJson('/api/v1/session');
            DB::purge();
            $write = $write();
        } finally {
            posix_seteuid(0);
            DB::purge();
            array_map(unlink(...), glob("{$folder}/*") ?: []);
            rmdir($folder);
        }
        // SQLite reads this kind of database in a folder that it may write alone, so both say it.
        foreach ([$read, $write] as $answer) {
            $this->assertSame([503, 'The records cannot be written just now: the folder of the database is read-only, or not there. Nothing was changed.'], [$answer->getStatusCode(), $answer->json('message')]);
        }
    }

    private function note(Client $client): int
    {
        return $client->send('POST', '/api/v1/notes', ['date' => now()->toDateString(), 'text' => 'goes on', 'fish_id' => null, 'system_id' => null, 'time' => null])[0];
    }
}
