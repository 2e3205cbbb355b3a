<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** The core finds and says nothing: no literal of it reads like prose. What is said stands in lang/<language>/findings. */
final class CoreSaysNothingTest extends TestCase
{
    /** Words that keepers type, and values that the file formats fix. */
    private const NOT_SAID = [
        'VolumeUnit.php' => ['imp gal', 'us gal', 'us gallon', 'us gallons', 'imperial gallon', 'imperial gallons', 'uk gal'],
        'ValueReader.php' => ['mg/l caco3', 'ppm caco3'],
        'LateMeans.php' => ['not within horizon', 'stays below'],
    ];

    public function test_no_file_of_the_core_holds_prose(): void
    {
        $found = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../core', RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
            foreach (array_diff(Prose::in((string) file_get_contents($file->getPathname())), self::NOT_SAID[$file->getFilename()] ?? []) as $prose) {
                $found[] = "{$file->getFilename()} says: {$prose}";
            }
        }

        $this->assertSame([], $found);
    }

    #[DataProvider('prose')]
    public function test_the_check_bites(string $body, string $found): void
    {
        $this->assertSame([$found], Prose::in("<?php {$body}"));
    }

    /** @return iterable<array{string, string}> */
    public static function prose(): iterable
    {
        yield ['return "too long to turn";', 'too long to turn'];
        yield ['return \'Guard it.\';', 'Guard it.'];
        yield ['return "{$fish} outgrows {$home}";', ' outgrows '];
        yield ['throw new RuntimeException("No plan is feasible.");', 'No plan is feasible.'];
    }

    #[DataProvider('others')]
    public function test_codes_keys_and_formulas_are_no_prose(string $body): void
    {
        $this->assertSame([], Prose::in("<?php {$body}"));
    }

    /** @return iterable<array{string}> */
    public static function others(): iterable
    {
        yield ['return Finding::of("housing.floor.too_many", need: $need);'];
        yield ['return ["first-light" => "°dH", "key" => "{$a} {$b}/{$c}"];'];
        yield ['throw new InvalidArgumentException("A length must be a finite number.");'];
        yield ['preg_match("/^(\d+)\s*(cm|mm)$/", $typed);'];
    }
}
