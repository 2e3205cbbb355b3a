<?php

declare(strict_types=1);

namespace Tests\Commands;

/** The way back in for whoever is at the machine. */
final class ResetPasswordCommandTest extends CommandTestCase
{
}
