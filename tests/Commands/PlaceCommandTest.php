<?php

declare(strict_types=1);

namespace Tests\Commands;

use App\Bench\InventedPlacement;
use Tests\PlanChecker;

final class PlaceCommandTest extends CommandTestCase
{
    public function test_answers_as_the_format_says(): void
    {
        $problem = InventedPlacement::document(4, 3, 8, 3, 100);
        [$exit, $output, $errors] = $this->execute(['biomegas:place', '-', '--seconds=5', '--progress', '--json'], json_encode($problem, JSON_THROW_ON_ERROR));
        $answer = json_decode($output, true);

        $this->assertSame(0, $exit);
        foreach (['objective', 'bound', 'proven_optimal', 'seconds', 'assignments'] as $member) {
            $this->assertArrayHasKey($member, $answer);
        }
        $this->assertTrue($answer['proven_optimal']);
        $this->assertEqualsWithDelta(PlanChecker::objective($problem, $answer['assignments']), $answer['objective'], 1e-5);
        $this->assertStringContainsString('bounding', $errors);
    }

    public function test_bad_input_ends_with_2_and_a_sentence(): void
    {
        $problem = InventedPlacement::document(3, 2, 4, 0, 1);
        $problem['units'][0]['load'] = [1.0];
        foreach ([
            'not valid JSON' => '{',
            'units' => json_encode([...$problem, 'units' => 'none'], JSON_THROW_ON_ERROR),
            'units[0].load: must be a list of 4' => json_encode($problem, JSON_THROW_ON_ERROR),
        ] as $sentence => $input) {
            [$exit, , $errors] = $this->execute(['biomegas:place', '-'], (string) $input);
            $this->assertSame(2, $exit);
            $this->assertStringContainsString($sentence, $errors);
        }
        [$exit, , $errors] = $this->execute(['biomegas:place', '-', '--seconds=soon'], '{}');
        $this->assertSame(2, $exit);
        $this->assertStringContainsString('--seconds', $errors);
    }

    public function test_a_file_of_more_than_50_megabytes_is_refused_by_its_size(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'placement');
        $handle = fopen($file, 'wb');
        $this->assertIsResource($handle);
        ftruncate($handle, 51 * 1024 * 1024);
        fclose($handle);
        [$exit, , $errors] = $this->execute(['biomegas:place', $file], '');
        unlink($file);

        $this->assertSame(2, $exit);
        $this->assertStringContainsString('larger than 50 MB', $errors);
    }
}
