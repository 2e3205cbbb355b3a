<?php

declare(strict_types=1);

namespace Tests\Api;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;

/** The committed openapi.json, and whether an answer keeps to it. */
final class ApiDescription
{
    private const URI = 'https://biomegas.example/openapi.json';

    private static ?Validator $validator = null;

    /** @var array<string, mixed> */
    private static array $paths = [];

    public static function assertDescribes(string $method, string $uri, TestResponse $response): void
    {
        self::load();
        $path = self::templateOf((string) parse_url($uri, PHP_URL_PATH), $method);
        $status = (string) $response->getStatusCode();
        $responses = self::$paths[$path][strtolower($method)]['responses'];
        $status = isset($responses[$status]) || $response->isSuccessful() ? $status : 'default';
        $described = $responses[$status] ?? null;
        Assert::assertNotNull($described, "openapi.json does not describe {$status} of {$method} {$path}");
        if (! isset($described['content'])) {
            Assert::assertSame('', $response->getContent(), "{$method} {$path} {$status} should have no body");

            return;
        }
        $pointer = implode('/', array_map(
            fn (string $part): string => rawurlencode(str_replace(['~', '/'], ['~0', '~1'], $part)),
            ['paths', $path, strtolower($method), 'responses', $status, 'content', 'application/json', 'schema'],
        ));
        $error = self::$validator?->validate(json_decode((string) $response->getContent(), false, 64, JSON_THROW_ON_ERROR), self::URI."#/{$pointer}")->error();
        Assert::assertNull($error, $error === null ? '' : "{$method} {$path} {$status}: ".json_encode((new ErrorFormatter)->format($error)));
    }

    private static function load(): void
    {
        if (self::$validator === null) {
            $text = (string) file_get_contents(__DIR__.'/../../openapi.json');
            self::$paths = json_decode($text, true, 64, JSON_THROW_ON_ERROR)['paths'];
            self::$validator = new Validator;
            self::$validator->resolver()?->registerRaw($text, self::URI);
        }
    }

    private static function templateOf(string $path, string $method): string
    {
        foreach (array_keys(self::$paths) as $template) {
            $pattern = '#^'.preg_replace('/\\\{[a-z]+\\\}/', '[^/]+', preg_quote($template, '#')).'$#';
            if (preg_match($pattern, '/'.ltrim($path, '/')) === 1 && isset(self::$paths[$template][strtolower($method)])) {
                return $template;
            }
        }
        Assert::fail("openapi.json does not describe {$method} {$path}");
    }
}
