<?php

declare(strict_types=1);

namespace App\Language;

use Illuminate\Contracts\Translation\Loader;

/** Reads the texts of the framework in the made-up language, from those in English. */
final readonly class PseudoLoader implements Loader
{
    /** Words by which a line is read are not said. */
    private const READ = 'quick';

    public function __construct(private Loader $loader)
    {
    }

    /** @return array<mixed> */
    public function load($locale, $group, $namespace = null): array
    {
        if ($locale !== PseudoLanguage::NAME) {
            return $this->loader->load($locale, $group, $namespace);
        }
        $lines = $this->loader->load(PseudoLanguage::OF, $group, $namespace);
        if ($group === self::READ) {
            return $lines;
        }
        array_walk_recursive($lines, function (mixed &$line): void {
            $line = is_string($line) ? PseudoLanguage::line($line) : $line;
        });

        return $lines;
    }

    public function addNamespace($namespace, $hint): void
    {
        $this->loader->addNamespace($namespace, $hint);
    }

    public function addJsonPath($path): void
    {
        $this->loader->addJsonPath($path);
    }

    /** @return array<string, string> */
    public function namespaces(): array
    {
        return $this->loader->namespaces();
    }
}
