<?php

declare(strict_types=1);

namespace Tests\Core\QuickEntry;

use Biomegas\Finding\InvalidEntry;
use Biomegas\QuickEntry\Lexicon;
use Biomegas\QuickEntry\LineReader;
use Biomegas\QuickEntry\QuickEntry;
use Biomegas\QuickEntry\QuickKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LineReaderTest extends TestCase
{
    /** @return iterable<string, array{string, QuickEntry}> */
    public static function lines(): iterable
    {
        yield 'a length' => ['Bramble 23.5cm hand', new QuickEntry(QuickKind::Length, fish: 'Bramble', length: '23.5cm', how: 'hand')];
        yield 'a length without a method' => ['bramble  230 mm', new QuickEntry(QuickKind::Length, fish: 'Bramble', length: '230 mm')];
        yield 'inches through the glass' => ['Moss 14 in through the glass', new QuickEntry(QuickKind::Length, fish: 'Moss', length: '14 in', how: 'ruler')];
        yield 'a count' => ['count barbs 18 seen', new QuickEntry(QuickKind::Count, fish: 'Barbs', number: 18, how: 'at-least')];
        yield 'a count without its verb' => ['barbs 18 caught', new QuickEntry(QuickKind::Count, fish: 'Barbs', number: 18, how: 'all-caught')];
        yield 'a chase with harm' => ['Bramble chased Moss, torn fin', new QuickEntry(QuickKind::Incident, fish: 'Bramble', other: 'Moss', how: 'chased', harm: 'torn-fin')];
        yield 'turned round' => ['Moss was nipped by Bramble, torn fin', new QuickEntry(QuickKind::Incident, fish: 'Bramble', other: 'Moss', how: 'nipped', harm: 'torn-fin')];
        yield 'by eye' => ['Moss 30 cm by eye', new QuickEntry(QuickKind::Length, fish: 'Moss', length: '30 cm', how: 'eye')];
        yield 'at all of them' => ['Moss flared at', new QuickEntry(QuickKind::Incident, fish: 'Moss', how: 'flared')];
        yield 'lips' => ['moss locked lips with bramble', new QuickEntry(QuickKind::Incident, fish: 'Moss', other: 'Bramble', how: 'locked-lips')];
        yield 'a test' => ['long tank nitrate 40 ph 7.2', new QuickEntry(QuickKind::Test, system: 'Long tank', values: ['nitrate_mg_l' => '40', 'ph' => '7.2'])];
        yield 'a test in degrees' => ['long temp 78 f no2 0,1 mg/l', new QuickEntry(QuickKind::Test, system: 'Long tank', values: ['temperature_c' => '78 f', 'nitrite_mg_l' => '0,1 mg/l'])];
        yield 'a loss' => ['lost Tansy jumped', new QuickEntry(QuickKind::Loss, fish: 'Tansy', how: 'jumped')];
        yield 'some of a shoal' => ['lost 2 barbs eaten', new QuickEntry(QuickKind::Loss, fish: 'Barbs', number: 2, how: 'eaten')];
        yield 'a loss without its verb' => ['Tansy died', new QuickEntry(QuickKind::Loss, fish: 'Tansy', how: 'death')];
        yield 'a change of water' => ['changed 30% porch', new QuickEntry(QuickKind::Change, system: 'Porch tank', percent: 30.0)];
        yield 'the home first' => ['porch tank changed 12,5 %', new QuickEntry(QuickKind::Change, system: 'Porch tank', percent: 12.5)];
        yield 'fed' => ['fed long', new QuickEntry(QuickKind::Meal, system: 'Long tank')];
        yield 'moved' => ['Bramble moved to the long tank', new QuickEntry(QuickKind::Move, fish: 'Bramble', system: 'Long tank')];
        yield 'a note' => ['note Bramble hides behind the Wood', new QuickEntry(QuickKind::Note, fish: 'Bramble', text: 'Bramble hides behind the Wood')];
        yield 'a note of a home' => ['note Long tank gurgles', new QuickEntry(QuickKind::Note, system: 'Long tank', text: 'Long tank gurgles')];
    }

    #[DataProvider('lines')]
    public function test_a_line_is_read_as_it_is_meant(string $typed, QuickEntry $meant): void
    {
        $this->assertEquals($meant, $this->reader()->read($typed));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unread(): iterable
    {
        yield 'nothing' => ['', 'quick.whom'];
        yield 'nobody' => ['23 cm', 'quick.whom'];
        yield 'nobody of this name' => ['lost Nobody', 'quick.whom'];
        yield 'what of it' => ['Bramble', 'quick.what_of_it'];
        yield 'how lost' => ['lost Tansy', 'quick.how_lost'];
        yield 'how many' => ['count barbs seen', 'quick.how_many'];
        yield 'how much' => ['changed porch', 'quick.how_much_water'];
        yield 'where' => ['changed 30%', 'quick.which_home'];
        yield 'what was measured' => ['long tank', 'quick.what_was_measured'];
        yield 'a word too many' => ['Bramble 23 cm yesterday', 'quick.not_understood'];
        yield 'by whom' => ['Moss was chased by', 'quick.by_whom'];
        yield 'no words' => ['note  ', 'quick.no_words'];
        yield 'a word that two homes have' => ['changed 30% tank', 'quick.which_home'];
    }

    #[DataProvider('unread')]
    public function test_what_is_missing_is_said(string $typed, string $code): void
    {
        $this->assertSame($code, $this->refusal($typed));
    }

    public function test_a_line_that_cannot_be_read_tells_what_it_is_nearest_to(): void
    {
        $this->assertEquals(new QuickEntry(QuickKind::Loss, fish: 'Tansy'), $this->reader()->nearest('lost Tansy'));
        $this->assertEquals(new QuickEntry(QuickKind::Count, fish: 'Barbs'), $this->reader()->nearest('count barbs 1o seen'));
        $this->assertEquals(new QuickEntry(QuickKind::Change, system: 'Porch tank'), $this->reader()->nearest('changed porch'));
        $this->assertEquals(new QuickEntry(QuickKind::Length, fish: 'Bramble'), $this->reader()->nearest('Bramble 23 cm yesterday'));
        $this->assertNull($this->reader()->nearest('Bramble'));
        $this->assertNull($this->reader()->nearest('23 nonsense'));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function slips(): iterable
    {
        yield 'two letters swapped' => ['Brambel 23.5cm hand', ['Bramble 23.5cm hand']];
        yield 'a letter too few, in a line of its own spelling' => ['lost TANY jumped', ['lost Tansy jumped']];
        yield 'one of two' => ['Brambel chased Moss', ['Bramble chased Moss']];
        yield 'a home' => ['porhc tank nitrate 40', ['porch tank nitrate 40']];
        yield 'a name that is known' => ['Bramble 23 cm upside', []];
        yield 'what is missing is something else' => ['count barbs sene', []];
        yield 'nothing near' => ['Quill 23 cm', []];
    }

    /** @param  list<string>  $instead */
    #[DataProvider('slips')]
    public function test_a_name_that_was_typed_wrongly_is_offered_as_it_may_be_meant(string $typed, array $instead): void
    {
        $this->assertSame($instead, $this->reader()->instead($typed));
        $this->assertSame($instead !== [], $this->refusal($typed) === 'names.near');
    }

    private function refusal(string $typed): string
    {
        try {
            $this->reader()->read($typed);
        } catch (InvalidEntry $refusal) {
            $this->assertSame('text', $refusal->field);

            return $refusal->finding()->code;
        }

        return '';
    }

    private function reader(): LineReader
    {
        return new LineReader(new Lexicon(...require __DIR__.'/../../../lang/en/quick.php'), ['Bramble', 'Moss', 'Tansy', 'Barbs', 'Yard koi'], ['Long tank', 'Porch tank', 'Lock pond']);
    }
}
