<?php

declare(strict_types=1);

namespace Tests\Commands;

use PHPUnit\Framework\TestCase;

/** Two installs are the same: every PHP package in the version that is written down, and no address with it. */
final class PackagesTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/biomegas-packages-'.bin2hex(random_bytes(4));
        mkdir("{$this->folder}/bin", 0700, true);
        mkdir("{$this->folder}/vendor/composer", 0700, true);
        copy(dirname(__DIR__, 2).'/bin/packages', "{$this->folder}/bin/packages");
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_what_differs_is_named_and_pinning_makes_it_the_same(): void
    {
        $this->install(['a/one' => '1.0.0', 'b/two' => 'v2.1.0']);
        file_put_contents("{$this->folder}/composer.versions", "a/one 1.0.0\nb/two v2.0.0\n");
        $this->assertSame([1, ['pinned and not installed: b/two v2.0.0', 'installed and not pinned: b/two v2.1.0']], $this->check());
        $this->execute('pin');
        $this->assertSame([0, []], $this->check());
        $this->install(['a/one' => '1.0.0']);
        $this->assertSame([1, ['pinned and not installed: b/two v2.1.0']], $this->check());
    }

    public function test_the_list_names_every_package_that_is_asked_for_and_no_address(): void
    {
        $root = dirname(__DIR__, 2);
        $list = (string) file_get_contents("{$root}/composer.versions");
        $this->assertMatchesRegularExpression('#\A([a-z0-9._-]+/[a-z0-9._-]+ v?[0-9][0-9A-Za-z.+-]*\n)+\z#', $list);
        $asked = json_decode((string) file_get_contents("{$root}/composer.json"), true);
        foreach ([...$asked['require'], ...$asked['require-dev']] as $name => $version) {
            if (str_contains($name, '/')) {
                $this->assertMatchesRegularExpression("#^{$name} v?".preg_quote($version, '#').'$#m', $list);
            }
        }
    }

    /** @param  array<string, string>  $packages */
    private function install(array $packages): void
    {
        file_put_contents("{$this->folder}/vendor/composer/installed.json", json_encode(['packages' => array_map(fn (string $name, string $version): array => ['name' => $name, 'version' => $version], array_keys($packages), $packages)]));
    }

    /** @return array{int, list<string>} */
    private function check(): array
    {
        return $this->execute('check');
    }

    /** @return array{int, list<string>} exit code and lines */
    private function execute(string $what): array
    {
        exec('php '.escapeshellarg("{$this->folder}/bin/packages")." {$what}", $lines, $code);

        return [$code, $lines];
    }
}
