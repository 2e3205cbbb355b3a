<?php

declare(strict_types=1);

namespace App\Bench\Fuzz;

use App\Bench\FreshRequest;
use App\Facility\ProjectionCache;
use App\Facility\ProjectionCacheDatabase;
use App\Models\Probe;
use App\Models\User;
use Closure;
use Illuminate\Auth\RequestGuard;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Log\Events\MessageLogged;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PDO;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Sends a seeded stream of plausible and spoiled writes through the whole
 * application, as its owner, and looks after each: no error of the server, a
 * refused write leaves nothing behind, and after an accepted one every page
 * can still be read. What was accepted is sometimes kept, so that later
 * requests meet what earlier ones left.
 */
final class FuzzRun
{
    /** Accepted writes of which one is kept. */
    private const KEPT_ONE_IN = 3;

    /** Kept writes after which everything is as it was at first: fish die out under so many slips. */
    private const FRESH_AFTER = 40;

    private const MOST_FINDINGS = 20;

    private const CLEAN_ONE_IN = 8;

    private const CLEAN_ROUNDS = 4;

    /** Then those that were never accepted are sent so many times more, all in all. */
    private const MORE_TRIES = 160;

    private const NEWEST_ONE_IN = 4;

    private const WITHOUT_A_BODY_ONE_IN = 4;

    /** Levels of the log: a warning is a row that cannot be read. The framework's own deprecations are not ours. */
    private const NOTHING_OF_THESE = ['warning', 'error', 'critical', 'alert', 'emergency'];

    private const TOLD_EVERY = 100;

    /** Counted, not compared row by row. */
    private const LARGE = ['readings', 'daily_readings', 'activity_log'];

    /** When a token was used last is written at every request. */
    private const UNTOLD = ['migrations', 'personal_access_tokens'];

    private Randomizer $random;

    private PlausibleRequest $plausible;

    private Mutator $mutator;

    private PictureStandIn $pictures;

    /** @var list<FuzzFinding> */
    public array $findings = [];

    /** @var array<int, int> answers by status */
    public array $statuses = [];

    /** @var array<string, int> how often each operation was accepted */
    public array $accepted = [];

    /** @var list<string> */
    private array $logged = [];

    private string $token;

    public function __construct(private readonly Application $app, private readonly User $owner, int $seed, string $today)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->plausible = new PlausibleRequest($this->random, $today);
        $this->mutator = new Mutator($this->random);
        $this->pictures = new PictureStandIn($this->random);
        $this->token = Probe::query()->firstOrFail()->createToken('fuzz', [Probe::MAY_POST])->plainTextToken;
        Event::listen(MessageLogged::class, function (MessageLogged $log): void {
            if (in_array($log->level, self::NOTHING_OF_THESE, true) && ! str_contains($log->message, '/vendor/')) {
                $this->logged[] = "{$log->level}: {$log->message} ".json_encode(array_diff_key($log->context, ['exception' => 0, 'userId' => 0]), JSON_PARTIAL_OUTPUT_ON_ERROR).self::placeOf($log);
            }
        });
    }

    /** @param  Closure(int): void|null  $tell  is told how many were sent */
    public function run(int $requests, ?Closure $tell = null): void
    {
        $operations = WriteOperation::all();
        $kept = 0;
        $this->begin();
        for ($number = 1; $number <= $requests && count($this->findings) < self::MOST_FINDINGS; $number++) {
            // Each operation is sent as it should be first, to what is newest and to any by turns; some want what others leave.
            $isFirst = $number <= self::CLEAN_ROUNDS * count($operations);
            $missing = $isFirst || $number > self::CLEAN_ROUNDS * count($operations) + self::MORE_TRIES ? [] : $this->neverAccepted($operations);
            $operation = match (true) {
                $isFirst => $operations[($number - 1) % count($operations)],
                $missing !== [] => $missing[$number % count($missing)],
                default => $this->pick($operations),
            };
            $mutations = $isFirst || $missing !== [] || $this->random->getInt(1, self::CLEAN_ONE_IN) === 1 ? 0 : $this->random->getInt(1, 4);
            $this->begin();
            $isKept = $isFirst ? $operation->method !== 'DELETE' : $this->random->getInt(1, self::KEPT_ONE_IN) === 1;
            $isOfNewest = $missing !== [] ? intdiv($number, count($missing)) % 2 === 0 : ($isFirst ? intdiv($number - 1, count($operations)) % 2 === 0 : $this->random->getInt(1, self::NEWEST_ONE_IN) === 1);
            if ($this->send($number, $operation, $mutations, $isOfNewest) && $isKept) {
                $this->keep();
                $kept++;
            } else {
                $this->undo();
            }
            if (! $isFirst && $kept >= self::FRESH_AFTER) {
                $this->undo();
                $this->begin();
                $kept = 0;
            }
            if ($tell !== null && $number % self::TOLD_EVERY === 0) {
                $tell($number);
            }
        }
        $this->undo();
    }

    /** What is worked out after a write that is undone is undone with it: what it stirred need not be worked out anew for the next one. */
    private function begin(): void
    {
        DB::beginTransaction();
        ProjectionCacheDatabase::open()->beginTransaction();
    }

    private function keep(): void
    {
        DB::commit();
        ProjectionCacheDatabase::open()->commit();
    }

    private function undo(): void
    {
        DB::rollBack();
        ProjectionCacheDatabase::open()->rollBack();
    }

    /**
     * @param  list<WriteOperation>  $operations
     * @return list<WriteOperation>
     */
    private function neverAccepted(array $operations): array
    {
        return array_values(array_filter($operations, fn (WriteOperation $operation): bool => ! isset($this->accepted[$operation->name()])));
    }

    /**
     * There is more to spoil where something is sent.
     *
     * @param  list<WriteOperation>  $operations
     */
    private function pick(array $operations): WriteOperation
    {
        do {
            $operation = $operations[$this->random->getInt(0, count($operations) - 1)];
        } while ($operation->body === null && $this->random->getInt(1, self::WITHOUT_A_BODY_ONE_IN) > 1);

        return $operation;
    }

    /** @return bool whether it was accepted */
    private function send(int $number, WriteOperation $operation, int $mutations, bool $isOfNewest): bool
    {
        $path = $this->plausible->path($operation, $isOfNewest);
        $body = $this->mutator->body($this->plausible->body($operation, $path), $operation->body === null ? 0 : $mutations);
        if ($mutations > 0 && $this->random->getInt(1, 12) === 1) {
            $path = $this->mutator->path($path);
        }
        $written = self::rowsWritten();
        $answer = $this->ask($operation->method, $path, $body, $this->pictures->files($operation->method, $path, $mutations > 0));
        $status = $answer->getStatusCode();
        $this->statuses[$status] = ($this->statuses[$status] ?? 0) + 1;
        $find = function (string $what) use ($number, $operation, $path, $body): void {
            $this->findings[] = new FuzzFinding($number, "{$operation->method} {$path}", $body, $what);
        };
        if ($status >= 500 || $this->hasLogged()) {
            $find("was answered with {$status}: ".implode(' | ', $this->logged).' '.mb_strimwidth((string) $answer->getContent(), 0, 300));

            return false;
        }
        if (! $answer->isSuccessful()) {
            if (self::rowsWritten() !== $written && $this->isAnythingLeft()) {
                $find("was refused with {$status} and left something behind");
            }
            if ($status !== 404 && ! is_string(json_decode((string) $answer->getContent(), true)['message'] ?? null)) {
                $find("was refused with {$status} without a sentence");
            }

            return false;
        }
        $this->accepted[$operation->name()] = ($this->accepted[$operation->name()] ?? 0) + 1;
        foreach ($this->pages() as $page) {
            $read = $this->ask('GET', "/api/v1/{$page}", '');
            if ($read->getStatusCode() !== 200 || $this->hasLogged()) {
                $find("was accepted; then {$page} was answered with {$read->getStatusCode()}: ".implode(' | ', $this->logged));

                return false;
            }
        }

        return true;
    }

    private function hasLogged(): bool
    {
        return $this->logged !== [];
    }

    /** @return list<string> */
    private function pages(): array
    {
        $systems = DB::table('systems')->orderBy('id')->pluck('id')->all();
        $system = $systems[$this->random->getInt(0, count($systems) - 1)];

        return ['today', 'fish', "systems/{$system}", 'moves'];
    }

    /** @param  array<string, UploadedFile>  $files  a form with files in place of the body */
    private function ask(string $method, string $path, string $body, array $files = []): Response
    {
        $this->logged = [];
        FreshRequest::begin($this->app);
        // New guards would listen for ever for the next request, each more than those before.
        foreach (['web', 'sanctum'] as $name) {
            $guard = Auth::guard($name);
            assert($guard instanceof SessionGuard || $guard instanceof RequestGuard);
            $guard->forgetUser();
        }
        $isDevice = str_contains($path, '/device/');
        if (! $isDevice) {
            Auth::guard('web')->setUser($this->owner);
        }
        $request = Request::create($path, $method, $files === [] ? [] : ['fish_id' => (string) DB::table('fish')->min('id')], files: $files, server: [
            'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => $files === [] ? 'application/json' : 'multipart/form-data',
            // Signing in is asked by our own pages alone; elsewhere the token against forgery would be wanted with it.
            ...(preg_match('#/(owner|session)$#', $path) === 1 ? ['HTTP_REFERER' => 'http://localhost'] : []),
            ...($isDevice ? ['HTTP_AUTHORIZATION' => "Bearer {$this->token}"] : []),
        ], content: $method === 'GET' || $body === 'null' || $files !== [] ? '' : $body);
        $answer = $this->app->make(Kernel::class)->handle($request);
        $this->app->make(ProjectionCache::class)->keep();

        return $answer;
    }

    /** Since the database was opened; what was taken back counts, too. */
    private static function rowsWritten(): int
    {
        return (int) DB::scalar('select total_changes()');
    }

    /** Whether the place is not as it is without the request. The request is undone. */
    private function isAnythingLeft(): bool
    {
        $after = $this->state();
        $this->undo();
        $this->begin();

        return $this->state() !== $after;
    }

    /** Changes when anything is written anywhere. */
    private function state(): string
    {
        $all = hash_init('xxh128');
        foreach (self::tables() as $table) {
            $rows = DB::getPdo()->query(in_array($table, self::LARGE, true) ? "select count(*), max(rowid) from {$table}" : "select * from {$table}");
            hash_update($all, $table.json_encode($rows === false ? [] : $rows->fetchAll(PDO::FETCH_NUM)));
        }

        return hash_final($all);
    }

    /** @return list<string> */
    private static function tables(): array
    {
        return array_values(array_diff(array_column(DB::select("select name from sqlite_master where type = 'table' and name not like 'sqlite_%'"), 'name'), self::UNTOLD));
    }

    private static function placeOf(MessageLogged $log): string
    {
        $cause = $log->context['exception'] ?? null;

        return $cause instanceof Throwable ? ' at '.basename($cause->getFile()).":{$cause->getLine()}" : '';
    }
}
