<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Health\Health;
use App\Models\Task;
use App\Tasks\TaskKind;
use App\Tasks\TaskState;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/** Backups and packages as they are asked for from Settings, tasks, and how the machine is. */
final class FilesTest extends ApiTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/biomegas-files-'.bin2hex(random_bytes(4));
        config(['backup.folder' => "{$this->folder}/backups", 'backup.exports' => "{$this->folder}/exports", 'pictures.folder' => "{$this->folder}/pictures"]);
    }

    protected function tearDown(): void
    {
        (new Filesystem)->deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_backup_is_made_shown_fetched_and_thrown_away(): void
    {
        $this->getJson('/api/v1/backups')->assertOk()->assertJson(['backups' => [], 'is_old' => true, 'task' => null]);
        $this->postJson('/api/v1/backups')->assertCreated()->assertJsonPath('state', 'done');
        $shown = $this->getJson('/api/v1/backups')->assertOk()->assertJson(['is_old' => false])->json('backups.0');
        $this->assertSame('2027-03-13T09:00:00Z', $shown['made_at']);

        $fetched = $this->get("/api/v1/backups/{$shown['name']}")->assertOk()->assertDownload($shown['name']);
        $this->assertSame($shown['bytes'], filesize($fetched->baseResponse->getFile()->getPathname()));
        foreach (['..%2f..%2f.env', 'biomegas.zip', 'biomegas-20270313-090001.zip'] as $other) {
            $this->get("/api/v1/backups/{$other}", ['Accept' => 'application/json'])->assertNotFound();
        }
        Carbon::setTestNow('2027-03-20 09:00:01');
        $this->getJson('/api/v1/backups')->assertJsonPath('is_old', true);
        $this->deleteJson("/api/v1/backups/{$shown['name']}")->assertNoContent();
        $this->deleteJson("/api/v1/backups/{$shown['name']}")->assertNotFound();
    }

    public function test_a_backup_that_cannot_be_made_says_why(): void
    {
        config(['backup.folder' => '/dev/null/nowhere']);
        $task = $this->postJson('/api/v1/backups')->assertCreated()->json();
        $this->assertSame(['failed', 'It did not work, and nothing was changed: No folder can be made at /dev/null/nowhere.'], [$task['state'], $task['problem']]);
    }

    public function test_a_package_goes_out_and_comes_into_an_empty_place(): void
    {
        $task = $this->postJson('/api/v1/packages')->assertCreated()->json();
        $this->assertSame('done', $this->getJson('/api/v1/packages')->json('made.state'));
        $file = $this->get("/api/v1/tasks/{$task['id']}/file")->assertOk()->assertDownload('biomegas.zip')->baseResponse->getFile()->getPathname();
        copy($file, "{$this->folder}/package.zip");
        $fish = DB::table('fish')->orderBy('id')->pluck('name')->all();
        $this->bring("{$this->folder}/package.zip")->assertUnprocessable()->assertJsonPath('errors.package.0', 'This place is not empty. A package is read into an empty one only.');

        DemoDatabase::use(isFilled: false);
        \App\Models\FacilitySettings::factory()->create();
        $owner = \App\Models\User::factory()->owner()->create(['email' => $this->keeper->email, 'password' => 'of the new place']);
        $this->actingAs($owner);
        $this->assertTrue($this->getJson('/api/v1/packages')->json('is_empty'));
        $this->bring(null)->assertUnprocessable()->assertJsonValidationErrors('package');
        file_put_contents("{$this->folder}/list.zip", 'a shopping list');
        $this->bring("{$this->folder}/list.zip")->assertCreated()->assertJsonPath('problem', 'This is no data package: a zip file is wanted.');
        $this->bring("{$this->folder}/package.zip")->assertCreated()->assertJsonPath('state', 'done');
        $this->assertSame($fish, DB::table('fish')->orderBy('id')->pluck('name')->all());
        $this->app['auth']->forgetGuards();
        $this->flushSession();
        $this->postJson('/api/v1/session', ['email' => $this->keeper->email, 'password' => 'of the new place'])->assertOk()->assertJsonPath('keeper.facility', 'Heron Lock');
    }

    public function test_a_task_is_stopped_before_it_begins_and_in_the_midst_of_it(): void
    {
        $waiting = Task::query()->create(['kind' => TaskKind::Backup]);
        $this->postJson("/api/v1/tasks/{$waiting->id}/stop")->assertNoContent();
        $this->assertSame(TaskState::Stopped, $waiting->refresh()->state);
        (new \App\Jobs\RunTask($waiting->id))->handle();
        $this->assertSame([], glob("{$this->folder}/backups/*") ?: []);

        $running = Task::query()->create(['kind' => TaskKind::Package, 'is_stop_asked' => true]);
        (new \App\Jobs\RunTask($running->id))->handle();
        $this->getJson("/api/v1/tasks/{$running->id}")->assertOk()->assertJsonPath('state', 'stopped');
        $this->assertSame([], glob("{$this->folder}/exports/*") ?: [], 'nothing is left lying about');
        $this->get("/api/v1/tasks/{$running->id}/file", ['Accept' => 'application/json'])->assertNotFound();
    }

    public function test_what_a_killed_worker_left_is_given_up_with_a_sentence_after_the_second_time(): void
    {
        $task = Task::query()->create(['kind' => TaskKind::Package]);
        (new \App\Jobs\RunTask($task->id))->failed(null);
        $this->getJson("/api/v1/tasks/{$task->id}")->assertJson(['state' => 'failed', 'problem' => 'It was broken off twice, and nothing was changed. Begin it again.']);
    }

    public function test_a_package_holds_what_its_zip_names(): void
    {
        $task = $this->postJson('/api/v1/packages')->json();
        $zip = new ZipArchive;
        $this->assertTrue($zip->open($this->get("/api/v1/tasks/{$task['id']}/file")->baseResponse->getFile()->getPathname()));
        $paths = array_column(json_decode((string) $zip->getFromName('datapackage.json'), true)['resources'], 'path');
        foreach ($paths as $path) {
            $this->assertNotFalse($zip->locateName($path), $path);
        }
        $this->assertSame(count($paths) + 2, $zip->numFiles);
    }

    public function test_the_machine_says_how_it_is(): void
    {
        Cache::forget(Health::SCHEDULER_SEEN);
        $sick = $this->get('/up')->assertOk()->json();
        $this->assertSame([true, ['scheduler', 'backup']], [$sick['is_usable'], $sick['attention']]);
        Cache::forever(Health::SCHEDULER_SEEN, now()->toIso8601ZuluString());
        $this->postJson('/api/v1/backups')->assertCreated();
        $this->assertSame([], $this->get('/up')->assertOk()->json('attention'));

        DB::table('jobs')->insert(['queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'available_at' => 0, 'created_at' => now()->subMinutes(6)->getTimestamp()]);
        $busy = $this->get('/up')->json();
        $this->assertSame([['queue'], 1, 360], [$busy['attention'], $busy['queue_waiting'], $busy['queue_oldest_seconds']]);
        DB::statement('drop table jobs');
        DB::statement('drop table migrations');
        $this->get('/up')->assertStatus(503)->assertJson(['is_usable' => false, 'database' => false]);
    }

    private function bring(?string $path): \Illuminate\Testing\TestResponse
    {
        return $this->call('POST', '/api/v1/packages/reading', [], [], $path === null ? [] : ['package' => new UploadedFile($path, 'package.zip', 'application/zip', null, true)], ['HTTP_ACCEPT' => 'application/json', 'HTTP_REFERER' => 'http://localhost']);
    }
}
