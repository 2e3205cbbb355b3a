<?php

declare(strict_types=1);

namespace Tests\Server;

use App\Models\FacilitySettings;
use App\Models\Letter;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Process\Process;
use Tests\Api\DemoDatabase;

/** The letter of the morning, through a mail server that is there, one that refuses, and none. */
final class LetterTest extends TestCase
{
    private ?Process $server = null;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2027-03-13 09:00:00');
        DemoDatabase::use(isFilled: true);
        $this->folder = sys_get_temp_dir().'/biomegas-mail-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        $this->server?->stop(0, SIGKILL);
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    public function test_it_goes_out_once_a_day_when_its_hour_has_come(): void
    {
        $this->serve();
        Carbon::setTestNow('2027-03-13 06:29:00');
        $this->artisan('biomegas:letter')->assertSuccessful();
        $this->assertSame([], $this->letters());
        Carbon::setTestNow('2027-03-13 06:31:00');
        $this->artisan('biomegas:letter')->expectsOutputToContain('The letter went to 1.')->assertSuccessful();
        $this->artisan('biomegas:letter')->assertSuccessful();
        $this->assertCount(1, $this->letters());
        $letter = $this->letters()[0];
        $this->assertStringContainsString('To: Lock keeper <keeper@heron-lock.example>', $letter);
        $this->assertMatchesRegularExpression('/Subject: .*Heron.*Lock/', $letter);
        Carbon::setTestNow('2027-03-14 07:00:00');
        $this->artisan('biomegas:letter')->assertSuccessful();
        $this->assertCount(2, $this->letters());
        $this->assertSame(0, Letter::query()->count(), 'what is mailed is not kept here');
    }

    public function test_what_is_refused_is_said_and_tried_again(): void
    {
        $this->serve('refuse');
        $this->artisan('biomegas:letter')->assertFailed();
        $this->assertStringContainsString('nobody of this name here', (string) FacilitySettings::query()->value('letter_problem'));
        $this->assertNull(FacilitySettings::query()->value('letter_sent_on'));
        $this->server?->stop(0, SIGKILL);
        $this->serve();
        $this->artisan('biomegas:letter')->assertSuccessful();
        $this->assertSame([null, '2027-03-13'], array_values(FacilitySettings::query()->firstOrFail(['letter_problem', 'letter_sent_on'])->getAttributes()));
    }

    public function test_a_mail_server_that_is_down_loses_nothing(): void
    {
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => 9]);
        $this->artisan('biomegas:letter')->expectsOutputToContain('could not be sent')->assertFailed();
        $this->assertStringStartsWith('The letter could not be sent; it is tried again every quarter of an hour. The mail server says: Connection could not be established', (string) FacilitySettings::query()->value('letter_problem'));
        $this->serve();
        $this->artisan('biomegas:letter')->assertSuccessful();
        $this->assertCount(1, $this->letters());
    }

    private function serve(string $manner = ''): void
    {
        $this->server = new Process([PHP_BINARY, __DIR__.'/smtp.php', $this->folder, $manner], timeout: null);
        $this->server->start();
        $this->server->waitUntil(fn (string $type, string $output): bool => str_ends_with($output, "\n"));
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => (int) $this->server->getOutput()]);
        Mail::purge('smtp');
    }

    /** @return list<string> */
    private function letters(): array
    {
        return array_map(fn (string $file): string => quoted_printable_decode((string) file_get_contents($file)), glob("{$this->folder}/*.eml") ?: []);
    }
}
