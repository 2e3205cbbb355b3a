<?php

declare(strict_types=1);

namespace Tests\Server;

use CurlHandle;
use Database\Seeders\HeronLockSeeder;
use RuntimeException;

/** A browser's side of the talk: cookies, the token against forgery, and several requests at once. */
final class Client
{
    /** @var array<string, string> */
    private array $cookies = [];

    public function __construct(private readonly string $url)
    {
    }

    public function signIn(): self
    {
        $this->send('GET', '/sanctum/csrf-cookie');
        [$status] = $this->send('POST', '/api/v1/session', ['email' => HeronLockSeeder::EMAIL, 'password' => HeronLockSeeder::PASSWORD]);
        if ($status !== 200) {
            throw new RuntimeException("Signing in was answered with {$status}.");
        }

        return $this;
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @param  array<string, string|null>  $headers  null: leave that one out
     * @return array{int, mixed} status, 0 when there was no answer, and what came
     */
    public function send(string $method, string $path, ?array $body = null, array $headers = []): array
    {
        return $this->sendAtOnce([[$method, $path, $body, $headers]])[0];
    }

    /**
     * @param  list<array{0: string, 1: string, 2?: array<string, mixed>|null, 3?: array<string, string|null>}>  $requests
     * @return list<array{int, mixed}> in the same order
     */
    public function sendAtOnce(array $requests): array
    {
        $all = curl_multi_init();
        $handles = array_map(fn (array $request): CurlHandle => $this->handle($request[0], $request[1], $request[2] ?? null, $request[3] ?? []), $requests);
        array_map(fn (CurlHandle $handle): int => curl_multi_add_handle($all, $handle), $handles);
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.05);
        } while ($running > 0);

        return array_map(fn (CurlHandle $handle): array => [
            curl_getinfo($handle, CURLINFO_RESPONSE_CODE),
            json_decode((string) curl_multi_getcontent($handle), true),
        ], $handles);
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @param  array<string, string|null>  $headers
     */
    private function handle(string $method, string $path, ?array $body, array $headers): CurlHandle
    {
        $all = array_filter([
            'Accept' => 'application/json', 'Content-Type' => $body === null ? null : 'application/json', 'Origin' => $this->url,
            'X-XSRF-TOKEN' => urldecode($this->cookies['XSRF-TOKEN'] ?? ''), 'Cookie' => implode('; ', array_map(fn (string $name, string $value): string => "{$name}={$value}", array_keys($this->cookies), $this->cookies)),
            ...$headers,
        ], fn (?string $header): bool => $header !== null && $header !== '');
        $handle = curl_init($this->url.$path);
        curl_setopt_array($handle, [
            CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30,
            CURLOPT_HTTPHEADER => array_map(fn (string $name, string $value): string => "{$name}: {$value}", array_keys($all), $all),
            CURLOPT_HEADERFUNCTION => function (CurlHandle $handle, string $line): int {
                if (preg_match('/^set-cookie: ([^=]+)=([^;]*)/i', $line, $part) === 1) {
                    $this->cookies[$part[1]] = $part[2];
                }

                return strlen($line);
            },
        ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => json_encode($body, JSON_THROW_ON_ERROR)]));

        return $handle;
    }
}
