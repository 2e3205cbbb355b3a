<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Language\Messages;
use App\Scenario\InvalidDocument;
use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use Biomegas\Measure\Number;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Closure;

/** What every command that reads a file shares: JSON out, or exit code 2 and a sentence. */
trait ReadsInput
{
    private const BAD_INPUT = 2;

    /** @param  Closure(): array<string, mixed>  $answer */
    private function answer(Closure $answer): int
    {
        try {
            $result = $answer();
        } catch (Refusal $refusal) {
            fwrite(STDERR, (new Messages(Units::of(UnitSystem::Metric), app()->getLocale()))->phrase($refusal->finding()).PHP_EOL);

            return self::BAD_INPUT;
        }
        $this->line(json_encode($result, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }

    /** @throws InvalidDocument */
    private function number(string $option, float $least, float $most): float
    {
        $value = $this->option($option);
        if (! is_numeric($value) || $value < $least || $value > $most) {
            throw InvalidDocument::at("--{$option}", Finding::of('schema.between', least: Number::of($least), most: Number::of($most)));
        }

        return (float) $value;
    }
}
