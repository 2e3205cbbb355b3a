<?php

declare(strict_types=1);

namespace Tests\Commands;

final class CompanyCommandTest extends CommandTestCase
{
    public function test_every_pair_as_the_format_says(): void
    {
        $scenario = json_decode((string) file_get_contents(__DIR__.'/../../docs/formats/scenario.example.json'), true);
        $young = ['key' => 'young', 'name' => 'Young', 'lengths' => [['date' => '2027-02-20', 'length_mm' => 30, 'method' => 'ruler']]];
        $scenario['fish'][] = [...$scenario['fish'][0], ...$young];
        [$exit, $output] = $this->execute(['biomegas:company', '-'], (string) json_encode($scenario));
        $answer = json_decode($output, true);

        $this->assertSame(0, $exit);
        $pair = $answer['pairs'][0];
        $this->assertSame(['young', 'bramble', 'avoid', 'bramble'], [$pair['a'], $pair['b'], $pair['verdict'], $pair['swallows']['predator']]);
        $this->assertSame('2027-03-01', $pair['swallows']['likely']);
        $this->assertGreaterThan('2027-03-01', $pair['swallows']['until']);
        $this->assertNotSame([], $pair['reasons'], 'two of one genus');
        $this->assertSame($pair['swallows']['until'], $answer['may_join']['young']['long-tank']['likely']);
        $this->assertSame('2027-03-01', $answer['may_join']['young']['lock-pond']['early'], 'nobody lives there');
        $this->assertSame(['young', 'bramble'], $answer['order']);
    }
}
