<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpParser\Node;
use PhpParser\Node\Expr\New_;
use PhpParser\Node\Expr\Throw_;
use PhpParser\Node\InterpolatedStringPart;
use PhpParser\Node\Scalar\String_;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/** Finds what reads like prose in the string literals of a PHP file: two words, or a word with a stop behind it. */
final readonly class Prose
{
    private const PATTERN = '/\p{L}{2,}\s+\p{L}|\p{L}\s+\p{L}{2,}|\p{Ll}{2,}[.!?](\s|$)|^\s*\p{Lu}\p{Ll}+\s|\s\p{Ll}{3,}\s*$/u';

    /** Thrown for programmers, who read English: no keeper ever sees them. */
    private const FOR_PROGRAMMERS = ['InvalidArgumentException', 'LogicException'];

    /** @return list<string> */
    public static function in(string $code): array
    {
        $visitor = new class(self::FOR_PROGRAMMERS, self::PATTERN) extends NodeVisitorAbstract
        {
            /** @var list<string> */
            public array $found = [];

            /** @param  list<string>  $forProgrammers */
            public function __construct(private array $forProgrammers, private string $pattern)
            {
            }

            public function enterNode(Node $node): ?int
            {
                if ($node instanceof Throw_ && $node->expr instanceof New_ && $node->expr->class instanceof Node\Name && in_array($node->expr->class->getLast(), $this->forProgrammers, true)) {
                    return NodeVisitorAbstract::DONT_TRAVERSE_CHILDREN;
                }
                if (($node instanceof String_ || $node instanceof InterpolatedStringPart) && preg_match($this->pattern, $node->value) === 1) {
                    $this->found[] = $node->value;
                }

                return null;
            }
        };
        $traverser = new NodeTraverser($visitor);
        $traverser->traverse((new ParserFactory)->createForNewestSupportedVersion()->parse($code) ?? []);

        return $visitor->found;
    }
}
