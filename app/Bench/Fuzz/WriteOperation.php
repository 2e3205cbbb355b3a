<?php

declare(strict_types=1);

namespace App\Bench\Fuzz;

/** One way of writing something, as openapi.json describes it. */
final readonly class WriteOperation
{
    private const APART = '#^/api/v1/(account|people|invitations?|forgotten-password|password|sitters|sitter-round|letters|tasks|backups|packages|imports)(/|$)#';

    /** @param  array<string, mixed>|null  $body  its schema, with all references followed; null: it takes none */
    private function __construct(
        public string $method,
        /** With its parameters in braces. */
        public string $path,
        public ?array $body,
    ) {
    }

    /**
     * All but those by which people come and go, and what takes long: a stream that signs itself out would end there.
     *
     * @return list<self>
     */
    public static function all(): array
    {
        $api = json_decode((string) file_get_contents(base_path('openapi.json')), true, 512, JSON_THROW_ON_ERROR);
        $all = [];
        foreach ($api['paths'] as $path => $methods) {
            if (preg_match(self::APART, $path) === 1) {
                continue;
            }
            foreach (array_diff_key($methods, ['get' => true]) as $method => $operation) {
                $schema = $operation['requestBody']['content']['application/json']['schema'] ?? null;
                $all[] = new self(strtoupper($method), $path, $schema === null ? null : self::resolved($schema, $api['components']['schemas']));
            }
        }

        return $all;
    }

    public function name(): string
    {
        return "{$this->method} {$this->path}";
    }

    /**
     * @param  array<string, mixed>  $schema
     * @param  array<string, array<string, mixed>>  $components
     * @return array<string, mixed>
     */
    private static function resolved(array $schema, array $components): array
    {
        if (isset($schema['$ref'])) {
            return self::resolved($components[basename($schema['$ref'])], $components);
        }

        return array_map(fn (mixed $part): mixed => is_array($part) ? self::resolved($part, $components) : $part, $schema);
    }
}
