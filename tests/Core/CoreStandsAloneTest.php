<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** The core names nothing but PHP and itself, and reads no clock, file, environment or chance. */
final class CoreStandsAloneTest extends TestCase
{
    public function test_every_file_of_the_core_names_only_php_and_itself(): void
    {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../core', RecursiveDirectoryIterator::SKIP_DOTS));
        $found = [];
        foreach ($files as $file) {
            foreach (OutsideNames::in((string) file_get_contents($file->getPathname())) as $name) {
                $found[] = "{$file->getFilename()} names {$name}";
            }
        }

        $this->assertSame([], $found);
        $this->assertGreaterThan(60, iterator_count($files));
    }

    #[DataProvider('outsideNames')]
    public function test_the_check_bites(string $body, string $name): void
    {
        $this->assertSame([$name], OutsideNames::in("<?php namespace Biomegas\\Growth; {$body}"));
    }

    /** @return iterable<array{string, string}> */
    public static function outsideNames(): iterable
    {
        yield ['use Illuminate\Support\Collection;', 'Illuminate\Support\Collection'];
        yield ['function f(\App\Models\Fish $f) {}', 'App\Models\Fish'];
        yield ['new \DateTimeImmutable("now");', 'DateTimeImmutable'];
        yield ['new \PDO("x");', 'PDO'];
        yield ['$a = time();', 'time'];
        yield ['$a = \random_int(1, 2);', 'random_int'];
        yield ['$a = file_get_contents("x");', 'file_get_contents'];
        yield ['$a = now();', 'now'];
        yield ['$a = config("x");', 'config'];
        yield ['$a = date("Y");', 'date'];
        yield ['$f = "time"; $f();', 'a variable function'];
        yield ['echo 1;', 'echo'];
        yield ['$a = $_SERVER["x"];', '$_SERVER'];
        yield ['include "x.php";', 'include'];
    }

    public function test_the_check_lets_the_core_through(): void
    {
        $this->assertSame([], OutsideNames::in('<?php namespace Biomegas\Growth; use Biomegas\Facility\Fish; use InvalidArgumentException; function f(Fish $f): float { return max(array_map(exp(...), [1.0])) + \count([]); }'));
    }
}
