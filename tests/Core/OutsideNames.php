<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;
use ReflectionClass;
use ReflectionFunction;

/** Finds what a file of the core must not name. */
final class OutsideNames extends NodeVisitorAbstract
{
    private const CLASSES_OF_THE_OUTSIDE = ['DateTime', 'DateTimeImmutable', 'PDO', 'SQLite3', 'SplFileObject'];

    private const FUNCTIONS_OF_THE_OUTSIDE = '/^(time|microtime|hrtime|date|getdate|localtime|mktime|strtotime|random_|mt_|rand$|srand|shuffle|array_rand|getenv|putenv|file|fopen|fread|fwrite|readfile|mkdir|unlink|glob|scandir|sleep|usleep|exec|system|shell_|proc_|curl_|mail|header|setcookie|ini_|set_time|error_log|print_r|var_dump)/';

    /** @var list<string> */
    private array $found = [];

    /** @var list<mixed> variables that hold text */
    private array $texts = [];

    /** @return list<string> */
    public static function in(string $code): array
    {
        $visitor = new self;
        $traverser = new NodeTraverser(new NameResolver, $visitor);
        $traverser->traverse((new ParserFactory)->createForHostVersion()->parse($code) ?? []);

        return array_values(array_unique($visitor->found));
    }

    public function enterNode(Node $node): null
    {
        match (true) {
            $node instanceof Node\Expr\Assign && $node->var instanceof Node\Expr\Variable && $node->expr instanceof Node\Scalar\String_ => $this->texts[] = $node->var->name,
            $node instanceof Node\Expr\FuncCall => $this->functionCall($node),
            $node instanceof Node\UseItem => $this->className($node->name->toString()),
            $node instanceof Node\Name\FullyQualified => $this->className($node->toString()),
            $node instanceof Node\Stmt\Echo_ => $this->found[] = 'echo',
            $node instanceof Node\Expr\Include_ => $this->found[] = 'include',
            $node instanceof Node\Expr\Eval_ => $this->found[] = 'eval',
            $node instanceof Node\Expr\Variable && is_string($node->name) && preg_match('/^(_[A-Z]+|GLOBALS)$/', $node->name) === 1 => $this->found[] = '$'.$node->name,
            default => null,
        };

        return null;
    }

    private function functionCall(Node\Expr\FuncCall $call): void
    {
        if (! $call->name instanceof Node\Name) {
            // A closure in a variable is fine; text that names a function hides what is called.
            if ($call->name instanceof Node\Expr\Variable && in_array($call->name->name, $this->texts, true)) {
                $this->found[] = 'a variable function';
            }

            return;
        }
        $name = $call->name->getLast();
        $isOfPhp = function_exists($name) && (new ReflectionFunction($name))->isInternal();
        if (! $isOfPhp || preg_match(self::FUNCTIONS_OF_THE_OUTSIDE, $name) === 1) {
            $this->found[] = $name;
        }
    }

    private function className(string $name): void
    {
        if (str_starts_with($name, 'Biomegas\\') || function_exists($name) || defined($name)) {
            return;
        }
        $isOfPhp = (class_exists($name) || interface_exists($name) || enum_exists($name)) && (new ReflectionClass($name))->isInternal();
        if (! $isOfPhp || in_array($name, self::CLASSES_OF_THE_OUTSIDE, true)) {
            $this->found[] = $name;
        }
    }
}
