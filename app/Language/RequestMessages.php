<?php

declare(strict_types=1);

namespace App\Language;

use LogicException;

/** What is said of the fields of one request: lang/<language>/requests.php. */
final readonly class RequestMessages
{
    /** @return array<string, string> by rule or field */
    public static function of(string $request): array
    {
        $messages = trans("requests.{$request}");

        return is_array($messages) ? $messages : throw new LogicException("requests.php has no messages of \"{$request}\".");
    }
}
