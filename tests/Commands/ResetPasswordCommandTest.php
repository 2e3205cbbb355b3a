<?php

declare(strict_types=1);

namespace Tests\Commands;

use PDO;

/** The way back in for whoever is at the machine: the password is typed, and stands in no list of commands. */
final class ResetPasswordCommandTest extends CommandTestCase
{
    private string $database;

    protected function setUp(): void
    {
        parent::setUp();
        $this->database = (string) tempnam(sys_get_temp_dir(), 'biomegas');
        putenv("DB_DATABASE={$this->database}");
        $this->assertSame(0, $this->execute(['migrate', '--force', '--no-interaction'], '')[0]);
    }

    protected function tearDown(): void
    {
        putenv('DB_DATABASE');
        array_map(fn (string $end): bool => @unlink($this->database.$end), ['', '-wal', '-shm']);
        parent::tearDown();
    }

    public function test_a_password_is_set_and_whoever_is_signed_in_is_out(): void
    {
        [$code, $said] = $this->execute(['biomegas:reset-password', '--no-ansi'], "quite another one\n");
        $this->assertSame(1, $code);
        $this->assertStringContainsString('There is no owner yet: open the page and begin there.', $said);

        $database = new PDO("sqlite:{$this->database}");
        $database->exec("insert into users (id, name, email, password, role) values (1, 'Ann', 'ann@otter-weir.example', 'x', 'owner')");
        $database->exec("insert into sign_ins (user_id, secret_hash, agent, began_at, seen_at) values (1, 'a', 'Phone', '2027-01-01 00:00:00', '2027-01-01 00:00:00')");
        $this->assertSame(1, $this->execute(['biomegas:reset-password'], "short\n")[0]);
        $this->assertSame(1, $this->execute(['biomegas:reset-password', 'nobody@otter-weir.example'], "quite another one\n")[0]);
        [$code, $said] = $this->execute(['biomegas:reset-password', '--no-ansi'], "quite another one\n");

        $this->assertSame(0, $code);
        $this->assertStringContainsString('ann@otter-weir.example has a new password and is signed out everywhere.', $said);
        $this->assertStringNotContainsString('quite another one', $said);
        $this->assertTrue(password_verify('quite another one', (string) $database->query('select password from users')->fetchColumn()));
        $this->assertSame(0, (int) $database->query('select count(*) from sign_ins')->fetchColumn());
    }
}
