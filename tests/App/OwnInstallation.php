<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Picture;
use App\Pictures\PictureSizes;
use App\Pictures\PictureStore;
use App\Pictures\ReceivedPicture;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Intervention\Image\ImageManager;
use Tests\Api\DemoDatabase;

/** An installation with files of its own: a database, photographs, backups, packages. */
abstract class OwnInstallation extends TestCase
{
    protected string $folder;

    protected string $database;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/biomegas-'.bin2hex(random_bytes(6));
        mkdir($this->folder, 0700);
        $this->database = "{$this->folder}/biomegas.sqlite";
        copy(DemoDatabase::use(isFilled: true), $this->database);
        config([
            'database.connections.sqlite.database' => $this->database, 'database.connections.sqlite.journal_mode' => 'WAL',
            'pictures.folder' => "{$this->folder}/pictures", 'backup.folder' => "{$this->folder}/backups", 'backup.exports' => "{$this->folder}/exports",
        ]);
        DB::purge();
    }

    protected function tearDown(): void
    {
        DB::purge();
        (new Filesystem)->deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** A photograph of the first fish, as it is kept. */
    protected function addPicture(string $colour = '446688'): Picture
    {
        $jpeg = (string) ImageManager::gd()->create(400, 300)->fill($colour)->toJpeg();

        return app(PictureStore::class)->add(PictureSizes::of(ReceivedPicture::of($jpeg)), ['fish_id' => DB::table('fish')->min('id'), 'date' => '2027-03-01']);
    }

    /** An empty place with its own database and no photographs: where something is read into. */
    protected function emptyPlace(): void
    {
        DB::purge();
        $this->database = "{$this->folder}/empty-".bin2hex(random_bytes(4)).'.sqlite';
        touch($this->database);
        config(['database.connections.sqlite.database' => $this->database, 'pictures.folder' => "{$this->folder}/".basename($this->database).'-pictures']);
        Artisan::call('migrate', ['--force' => true]);
    }

    /** @return array<string, list<array<string, mixed>>> every row of every table but those of the running application */
    protected function rows(): array
    {
        $tables = array_column(DB::select("select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name not like 'log_words%' and name not in ('log_vocabulary', 'migrations', 'tasks', 'jobs', 'cache')"), 'name');
        sort($tables);

        return array_combine($tables, array_map(fn (string $table): array => array_map(fn (object $row): array => (array) $row, DB::table($table)->orderByRaw('rowid')->get()->all()), $tables));
    }
}
