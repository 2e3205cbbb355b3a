<?php

declare(strict_types=1);

namespace Tests\Server;

use App\Models\Probe;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** Every way in, tried by those who may not: without a session, as a device, from another site, without the token against forgery. */
final class AccessTest extends ServerTestCase
{
    /** Asked by anybody: who is signed in. */
    private const OPEN = 'GET /api/v1/session';

    /** Asked by our own pages, without being signed in. */
    private const OF_OUR_PAGES = ['POST /api/v1/session', 'DELETE /api/v1/session', 'POST /api/v1/owner', 'POST /api/v1/forgotten-password', 'POST /api/v1/password', 'POST /api/v1/invitation'];

    /** Opened by a link, from a page of ours. */
    private const BY_LINK = 'GET /api/v1/invitation';

    /** Opened by the link of a sitter, and by nothing else. */
    private const OF_SITTERS = '#^(GET|PUT|DELETE|POST) /api/v1/sitter-round#';

    private const OF_DEVICES = 'POST /api/v1/device/readings';

    public function test_nobody_gets_in_who_may_not(): void
    {
        $signedIn = (new Client($this->server->url))->signIn();
        $stranger = new Client($this->server->url);
        $token = Probe::query()->firstOrFail()->createToken('trial', [Probe::MAY_POST])->plainTextToken;
        $before = $this->rows();
        foreach (self::operations() as [$method, $path]) {
            $name = "{$method} {$path}";
            $isRead = $method === 'GET';
            $isOurs = in_array($name, self::OF_OUR_PAGES, true);
            $url = strtr($path, ['{table}' => 'fish', '{step}' => 'fill']);
            $url = (string) preg_replace('/\{\w+\}/', '1', $url);
            $body = $isRead ? null : ['date' => now()->toDateString()];
            $ask = fn (Client $client, array $headers): int => $client->send($method, $url, $body, $headers)[0];

            // Whoever guesses links is slowed down, which is not what is asked here.
            if ($isOurs || $name === self::BY_LINK) {
                Cache::store('file')->flush();
            }
            $expected = match (true) {
                $name === self::OPEN => [200, 200, 200, 200],
                $name === self::BY_LINK => [403, 403, 403, null],
                preg_match(self::OF_SITTERS, $name) === 1 => [404, 404, 404, $isRead ? null : 404],
                $isOurs => [403, 403, 403, 419],
                $name === self::OF_DEVICES => [401, 422, 401, 401],
                $isRead => [401, 401, 401, null],
                default => [401, 401, 401, 419],
            };
            $this->assertSame($expected, [
                $ask($stranger, ['Origin' => null]),
                $ask($stranger, ['Origin' => null, 'Authorization' => "Bearer {$token}"]),
                $ask($signedIn, ['Origin' => 'https://elsewhere.example']),
                $isRead && $name !== self::OPEN ? null : $ask($signedIn, ['X-XSRF-TOKEN' => null]),
            ], "{$name}: without a session, as a device, from another site, without the token");
        }

        $this->assertSame($before, $this->rows(), 'nothing was written by any of them');
        $this->assertSame(200, $signedIn->send('GET', '/api/v1/today')[0]);
    }

    public function test_another_site_cannot_take_a_fresh_installation(): void
    {
        DB::statement('pragma foreign_keys = off');
        DB::table('users')->delete();
        $owner = ['name' => 'Mallory', 'email' => 'mallory@elsewhere.example', 'password' => 'ten letters at least', 'facility' => 'Elsewhere', 'unit_system' => 'metric', 'time_zone' => 'Europe/London'];
        $stranger = new Client($this->server->url);

        $this->assertSame(403, $stranger->send('POST', '/api/v1/owner', $owner, ['Origin' => 'https://elsewhere.example'])[0]);
        $this->assertSame(403, $stranger->send('POST', '/api/v1/owner', $owner, ['Origin' => null])[0]);
        $this->assertSame(415, $stranger->send('POST', '/api/v1/owner', $owner, ['Origin' => 'https://elsewhere.example', 'Content-Type' => 'text/plain'])[0], 'a form of another site');
        $this->assertSame(0, DB::table('users')->count());
    }

    public function test_answers_say_no_more_of_the_server_than_they_must(): void
    {
        $headers = [];
        $handle = curl_init("{$this->server->url}/api/v1/session");
        curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADERFUNCTION => function ($handle, string $line) use (&$headers): int {
            $headers[] = strtolower(trim($line));

            return strlen($line);
        }]);
        curl_exec($handle);

        $this->assertContains('x-content-type-options: nosniff', $headers);
        $this->assertSame([], array_filter($headers, fn (string $line): bool => str_starts_with($line, 'x-powered-by')));
    }

    /** @return list<array{string, string}> */
    private static function operations(): array
    {
        $paths = json_decode((string) file_get_contents(base_path('openapi.json')), true, 512, JSON_THROW_ON_ERROR)['paths'];
        $all = [];
        foreach ($paths as $path => $methods) {
            foreach (array_keys($methods) as $method) {
                $all[] = [strtoupper($method), $path];
            }
        }

        return $all;
    }

    /** @return array<string, int> by table */
    private function rows(): array
    {
        $tables = array_column(DB::select("select name from sqlite_master where type = 'table' and name not like 'sqlite_%'"), 'name');

        return array_combine($tables, array_map(fn (string $table): int => DB::table($table)->count(), $tables));
    }
}
