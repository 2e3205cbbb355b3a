<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\Requests\ReadingsRequest;
use Biomegas\Water\Test\Quantity;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Console\Command;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;

/**
 * A simulated probe: it signs in with its token and posts readings over the
 * same API that a real device would, so that one can take its place. What
 * could not be sent is kept and sent later, out of order as it then is.
 */
final class ProbeCommand extends Command
{
    protected $signature = 'biomegas:probe
        {--url=http://127.0.0.1:8000 : Where Biomegas is served}
        {--token= : The token that was shown when the probe was added}
        {--every=600 : Seconds between two readings}
        {--times=0 : How many readings; 0 goes on until it is stopped}
        {--backfill=0 : First post readings of so many days gone by}
        {--celsius=26 : About which temperature}
        {--ph= : About which pH; left out: none is measured}';

    protected $description = 'Posts readings like a probe in the water would';

    private const TIMEOUT_SECONDS = 10;

    private const DAY = 86400;

    /** @var list<array{quantity: string, value: float, taken_at: string}> */
    private array $unsent = [];

    public function handle(): int
    {
        if (! is_string($this->option('token')) || $this->option('token') === '') {
            $this->error('Give the token of the probe: --token="1|…". It is shown once, when the probe is added on the page of its system.');

            return self::INVALID;
        }
        foreach (['every' => 1, 'times' => 0, 'backfill' => 0] as $option => $least) {
            if (! ctype_digit((string) $this->option($option)) || (int) $this->option($option) < $least) {
                $this->error("--{$option} must be a whole number of {$least} or more.");

                return self::INVALID;
            }
        }
        $every = (int) $this->option('every');
        $now = now()->getTimestamp();
        for ($at = $now - self::DAY * (int) $this->option('backfill'); $at < $now; $at += $every) {
            $this->measure($at);
        }

        return $this->unsent !== [] && ! $this->send() ? self::FAILURE : $this->watch($every, (int) $this->option('times'));
    }

    private function watch(int $every, int $times): int
    {
        $isBackfillAlone = $times === 0 && (int) $this->option('backfill') > 0;
        for ($n = 0; ! $isBackfillAlone && ($times === 0 || $n < $times); $n++) {
            if ($n > 0) {
                sleep($every);
            }
            $this->measure(now()->getTimestamp());
            if (! $this->send()) {
                return self::FAILURE;
            }
        }

        return $this->unsent === [] ? self::SUCCESS : self::FAILURE;
    }

    /** A day's wave with a little noise; the same second always gives the same. */
    private function measure(int $at): void
    {
        $noise = (crc32((string) $at) % 1000) / 1000 - 0.5;
        $wave = sin(2 * M_PI * ($at % self::DAY) / self::DAY - 2);
        $this->keep(Quantity::Temperature, (float) $this->option('celsius') + 0.3 * $wave + 0.1 * $noise, $at);
        if (is_numeric($this->option('ph'))) {
            $this->keep(Quantity::Ph, (float) $this->option('ph') + 0.05 * $wave + 0.02 * $noise, $at);
        }
    }

    private function keep(Quantity $quantity, float $value, int $at): void
    {
        $this->unsent[] = [
            'quantity' => $quantity->value, 'value' => round($value, 2),
            'taken_at' => (new DateTimeImmutable("@{$at}"))->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:sP'),
        ];
    }

    /** @return bool false when nothing that is sent will ever be taken */
    private function send(): bool
    {
        while ($this->unsent !== []) {
            $some = array_slice($this->unsent, 0, ReadingsRequest::MOST);
            try {
                /** @var Response $answer */
                $answer = Http::withToken((string) $this->option('token'))->acceptJson()->timeout(self::TIMEOUT_SECONDS)
                    ->post(rtrim((string) $this->option('url'), '/').'/api/v1/device/readings', ['readings' => $some]);
            } catch (ConnectionException) {
                $this->warn(count($this->unsent).' readings kept: no answer from '.$this->option('url').'.');

                return true;
            }
            if ($answer->clientError()) {
                $this->error((string) $answer->json('message'));

                return false;
            }
            if ($answer->failed()) {
                $this->warn(count($this->unsent).' readings kept: the server answered '.$answer->status().'.');

                return true;
            }
            $this->unsent = array_slice($this->unsent, count($some));
            $this->line("{$answer->json('recorded')} recorded, {$answer->json('already_there')} known before; ".count($this->unsent).' to go.');
        }

        return true;
    }
}
