<?php

declare(strict_types=1);

namespace App\Language;

/**
 * A made-up language for tests: every letter of a message carries an accent.
 * What a page shows without accents came from outside the catalogues.
 */
final readonly class PseudoLanguage
{
    public const NAME = 'en_XA';

    public const OF = 'en';

    private const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';

    private const ACCENTED = 'ȧƀƈḓḗƒɠħīĵķŀḿƞǿƥɋřşŧŭṽẇẋẏẑȦƁƇḒḖƑƓĦĪĴĶĿḾȠǾƤɊŘŞŦŬṼẆẊẎẐ';

    /** An ICU pattern: names of arguments, their types and their selectors are not said, all else is. */
    public static function pattern(string $pattern): string
    {
        $characters = mb_str_split($pattern);
        $at = 0;

        return self::message($characters, $at);
    }

    /** @param  list<string>  $characters */
    private static function message(array $characters, int &$at): string
    {
        $message = '';
        while (($character = $characters[$at] ?? '}') !== '}') {
            $message .= $character === '{' ? self::argument($characters, $at) : self::accented($character);
            $at++;
        }

        return $message;
    }

    /**
     * From its brace to its brace: "{name}", or "{name, plural, one {…} other {…}}".
     *
     * @param  list<string>  $characters
     */
    private static function argument(array $characters, int &$at): string
    {
        $argument = '{';
        while (($character = $characters[++$at]) !== '}') {
            $argument .= $character;
            if ($character === '{') {
                $at++;
                $argument .= self::message($characters, $at).'}';
            }
        }

        return $argument.'}';
    }

    /** A text of the framework: its ":placeholders" stay. */
    public static function line(string $line): string
    {
        return (string) preg_replace_callback('/:\w+|\{\d+\}|\[[\d,*]+\]|./u', fn (array $part): string => mb_strlen($part[0]) === 1 ? self::accented($part[0]) : $part[0], $line);
    }

    private static function accented(string $letter): string
    {
        $at = strpos(self::PLAIN, $letter);

        return $at === false ? $letter : mb_substr(self::ACCENTED, $at, 1);
    }
}
