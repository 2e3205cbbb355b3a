<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\People\Passwords;
use App\People\SignIns;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

/** For whoever is at the machine: a way in when nobody has one. */
final class ResetPasswordCommand extends Command
{
    protected $signature = 'biomegas:reset-password {email? : Whose password it is; left out: the owner’s}';

    protected $description = 'Sets a new password. It is asked for, or read from standard input, and stands in no list of commands.';

    public function handle(): int
    {
        $email = $this->argument('email');
        $user = User::query()->whereNull('closed_at')->when($email !== null, fn ($users) => $users->where('email', $email), fn ($users) => $users->where('role', 'owner'))->orderBy('id')->first();
        if ($user === null) {
            $this->components->error($email === null ? 'There is no owner yet: open the page and begin there.' : "Nobody here has the address {$email}.");

            return self::FAILURE;
        }
        $password = stream_isatty(STDIN) && $this->input->isInteractive() ? (string) $this->secret("New password of {$user->email}") : rtrim((string) fgets(STDIN), "\r\n");
        $check = Validator::make(['password' => $password], ['password' => Passwords::rules()]);
        if ($check->fails()) {
            $this->components->error('Choose a password of at least '.Passwords::SHORTEST.' characters.');

            return self::FAILURE;
        }
        $user->update(['password' => $password]);
        SignIns::endAll($user);
        $this->components->info("{$user->email} has a new password and is signed out everywhere.");

        return self::SUCCESS;
    }
}
