<?php

declare(strict_types=1);

namespace Tests\Commands;

final class MatchCommandTest extends CommandTestCase
{
    /** @var list<string> */
    private array $files = [];

    public function test_prints_class_reasons_minutes_and_portions(): void
    {
        $answer = $this->match(['temperature_c' => 24, 'ph' => 6.8, 'kh_dkh' => 4, 'gh_dgh' => 8], ['temperature_c' => 26, 'ph' => 7.1, 'kh_dkh' => 5, 'gh_dgh' => 10]);

        $this->assertSame(['class', 'reasons', 'minutes', 'portions'], array_keys($answer));
        $this->assertSame('mix', $answer['class']);
        $this->assertSame('The temperature goes from 24 °C to 26 °C.', $answer['reasons'][0]);
        $this->assertSame(28.0, $answer['minutes']);
        $this->assertSame(['minute', 'litres', 'remaining'], array_keys($answer['portions'][0]));
        $this->assertLessThan($answer['portions'][0]['remaining'], end($answer['portions'])['remaining']);
    }

    public function test_alike_waters_need_nothing(): void
    {
        $same = ['temperature_c' => 25, 'ph' => 7];

        $this->assertSame(['straight-across', 0.0, []], array_values(array_intersect_key($this->match($same, $same), ['class' => 0, 'minutes' => 0, 'portions' => 0])));
        $this->assertSame(15.0, $this->match($same, $same, '--fish=sensitive')['minutes']);
    }

    public function test_bad_input_is_named(): void
    {
        foreach ([
            [['temperature_c' => 'warm'], '--mix=take-out', 'temperature_c'],
            [['temperature_c' => 400], '--mix=take-out', 'temperature_c'],
            [['ph' => 7], '--mix=stir', '--mix'],
            [['ph' => 7], '--fish=brave', '--fish'],
            [['ph' => 7], '--container=0', '--container'],
        ] as [$water, $option, $named]) {
            [$code, , $error] = $this->execute(['biomegas:match', '--from='.$this->fileWith($water), '--to='.$this->fileWith(['ph' => 7]), $option], '');
            $this->assertSame(2, $code);
            $this->assertStringContainsString($named, $error);
        }
        [$code, , $error] = $this->execute(['biomegas:match', '--from='.$this->fileWith(['ph' => 7])], '');
        $this->assertSame([2, true], [$code, str_contains($error, '--to')]);
    }

    /**
     * @param  array<string, float|int>  $from
     * @param  array<string, float|int>  $to
     * @return array<string, mixed>
     */
    private function match(array $from, array $to, string ...$options): array
    {
        [$code, $output] = $this->execute(['biomegas:match', '--from='.$this->fileWith($from), '--to='.$this->fileWith($to), ...$options], '');
        $this->assertSame(0, $code);

        return json_decode($output, true, 16, JSON_THROW_ON_ERROR);
    }

    /** @param  array<string, mixed>  $water */
    private function fileWith(array $water): string
    {
        $this->files[] = $file = (string) tempnam(sys_get_temp_dir(), 'water');
        file_put_contents($file, json_encode($water, JSON_THROW_ON_ERROR));

        return $file;
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), $this->files);
    }
}
