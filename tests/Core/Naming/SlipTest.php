<?php

declare(strict_types=1);

namespace Tests\Core\Naming;

use Biomegas\Naming\Slip;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SlipTest extends TestCase
{
    #[TestWith(['mos', 'moss', false], 'too short to guess at')]
    #[TestWith(['mosss', 'moss', true], 'a letter more')]
    #[TestWith(['tany', 'tansy', true], 'a letter less')]
    #[TestWith(['tensy', 'tansy', true], 'another letter')]
    #[TestWith(['tnasy', 'tansy', true], 'two letters swapped')]
    #[TestWith(['tenzy', 'tansy', false], 'two slips in a short word')]
    #[TestWith(['tambaqi', 'tambaqui', true])]
    #[TestWith(['giant gouramie', 'giant gourami', true])]
    #[TestWith(['giand gouramie', 'giant gourami', true], 'two slips in a long word')]
    #[TestWith(['giand guoramie', 'giant gourami', false], 'four')]
    public function test_a_slip_is_forgiven(string $typed, string $word, bool $isNear): void
    {
        $this->assertSame($isNear, Slip::isNear($typed, $word));
    }

    public function test_the_nearest_come_first_and_only_a_few(): void
    {
        $this->assertSame(['brambles', 'bremblet', 'brembles'], Slip::nearest('bramblet', ['brembles', 'oak', 'brambles', 'bremblet', 'brimblen']));
        $this->assertSame([], Slip::nearest('oak', ['oaks']));
    }
}
