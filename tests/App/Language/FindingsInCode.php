<?php

declare(strict_types=1);

namespace Tests\App\Language;

use PhpParser\Node;
use PhpParser\Node\Expr\StaticCall;
use PhpParser\Node\Identifier;
use PhpParser\Node\Name;
use PhpParser\Node\Scalar\String_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Every finding that the code can make, read from the code itself. */
final readonly class FindingsInCode
{
    /** @return list<array{code: string, figures: list<string>, file: string}> */
    public static function all(): array
    {
        $all = [];
        foreach (['core', 'app'] as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__."/../../../{$folder}", RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
                array_push($all, ...self::in((string) file_get_contents($file->getPathname()), $file->getFilename()));
            }
        }

        return $all;
    }

    /** @return list<array{code: string, figures: list<string>, file: string}> a code that is not written out is given as "?" */
    public static function in(string $code, string $file): array
    {
        $calls = (new NodeFinder)->find(
            (new ParserFactory)->createForNewestSupportedVersion()->parse($code) ?? [],
            fn (Node $node): bool => $node instanceof StaticCall && $node->class instanceof Name && $node->class->getLast() === 'Finding'
                && $node->name instanceof Identifier && $node->name->name === 'of',
        );

        return array_map(function (StaticCall $call) use ($file): array {
            $first = $call->getArgs()[0]->value;
            $figures = array_map(fn (Node\Arg $argument): string => $argument->unpack ? '?' : (string) $argument->name, array_slice($call->getArgs(), 1));
            sort($figures);

            return ['code' => $first instanceof String_ ? $first->value : '?', 'figures' => $figures, 'file' => $file];
        }, array_values($calls));
    }
}
