<?php

declare(strict_types=1);

namespace Tests\Core\QuickEntry;

use Biomegas\QuickEntry\Line;
use Biomegas\QuickEntry\Names;
use PHPUnit\Framework\TestCase;

final class NamesTest extends TestCase
{
    public function test_a_word_that_no_other_name_has_is_enough(): void
    {
        $fish = new Names(['Yard koi', 'Moss', 'Long Tom'], ['Long tank', 'Yard pond'], ['moss']);
        $of = fn (string $typed): ?string => $fish->takeFrom(Line::of($typed));
        $this->assertSame(['Yard koi', 'Yard koi', 'Long Tom'], [$of('6 koi seen'), $of('YARD KOI'), $of('tom 30 cm')]);
        $this->assertNull($of('yard'), 'a home has that word too');
        $this->assertNull($of('long'));
        $this->assertSame('Moss', $of('moss'), 'a whole name is one, whatever else it means');
    }

    public function test_the_longer_name_is_meant_where_one_holds_the_other(): void
    {
        $this->assertSame('Moss the second', (new Names(['Moss', 'Moss the second'], [], []))->takeFrom(Line::of('moss the second 20 cm')));
    }

    public function test_what_was_taken_is_gone_and_fillers_say_nothing(): void
    {
        $line = Line::of('Moss,  to the Long tank; 7,5 %');
        $this->assertSame('Long tank', $line->take(['Long tank']));
        $this->assertSame(['percent' => '7,5'], array_filter((array) $line->match('/ (?<percent>[\d,]+) % /'), is_string(...), ARRAY_FILTER_USE_KEY));
        $this->assertSame('moss', $line->left(['to', 'the']));
        $this->assertNull($line->take(['Long tank']));
    }
}
