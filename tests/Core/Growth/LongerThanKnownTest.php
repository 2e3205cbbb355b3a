<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Growth\LongerThanKnown;
use Biomegas\Measure\Length;
use PHPUnit\Framework\TestCase;
use Tests\Said;

final class LongerThanKnownTest extends TestCase
{
    public function test_a_quarter_more_than_is_known_is_believed_and_no_more(): void
    {
        $this->assertNull(LongerThanKnown::doubt('Oscar', 400.0, Length::ofMillimetres(500.0)));
        $doubt = LongerThanKnown::doubt('Oscar', 400.0, Length::ofMillimetres(501.0));
        $this->assertNotNull($doubt);
        $this->assertSame('Oscar of 50.1 cm is longer than it is known to become (40.0 cm): is that right?', Said::of($doubt));
    }
}
