<?php

declare(strict_types=1);

namespace Tests\Core\Company;

use Biomegas\Company\DoubtfulCompany;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\Range;
use Biomegas\Facility\Species;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Common practice, no published source: the quarrelsome, those of one genus or look that have their moods, and those that are nearly a mouthful. */
final class DoubtfulCompanyTest extends TestCase
{
    /** @return iterable<string, array{Species, Species, bool}> resident, newcomer */
    public static function pairs(): iterable
    {
        $calm = self::kind('calm', 'Calmus');
        yield 'two calm ones' => [$calm, self::kind('other', 'Alter'), false];
        yield 'a quarrelsome resident' => [self::kind('bold', 'Audax', 4), $calm, true];
        yield 'one with its moods' => [self::kind('moody', 'Audax', 3), $calm, false];
        yield 'a quarrelsome newcomer' => [$calm, self::kind('bold', 'Audax', 5), true];
        yield 'of one genus, and calm' => [$calm, self::kind('cousin', 'Calmus'), false];
        yield 'of one genus' => [$calm, self::kind('cousin', 'Calmus', 3), true];
        yield 'the newcomer is taken for the resident' => [$calm, self::kind('double', 'Alter', 3, alike: ['calm']), true];
        yield 'the resident is taken for the newcomer' => [self::kind('double', 'Alter', 3, alike: ['calm']), $calm, true];
        yield 'more of its own group' => [self::kind('shoaler', 'Grex', group: 6), self::kind('shoaler', 'Grex', group: 6), false];
    }

    #[DataProvider('pairs')]
    public function test_of_whom_it_is_doubtful(Species $resident, Species $newcomer, bool $isDoubtful): void
    {
        $company = DoubtfulCompany::among([new Occupant('Resident', $resident, 150.0, 1)], new Occupant('Newcomer', $newcomer, 150.0, 1), new Rulebook);

        $this->assertCount($isDoubtful ? 1 : 0, $company);
    }

    public function test_nearly_a_mouthful(): void
    {
        $gape = new Species('gape', 'Gape', 'Hiator', Range::of('a', 400, 500, 600), Range::of('k', 0.3, 0.5, 0.7), SwimmingStyle::Slow, habits: new Habits(temperament: 1, mouthRatio: 0.4));

        $this->assertCount(1, DoubtfulCompany::among([new Occupant('Gape', $gape, 400.0, 1)], new Occupant('Small', self::kind('small', 'Parvus'), 190.0, 1), new Rulebook));
        $this->assertCount(0, DoubtfulCompany::among([new Occupant('Gape', $gape, 400.0, 1)], new Occupant('Large', self::kind('large', 'Magnus'), 390.0, 1), new Rulebook));
    }

    /** @param  list<string>  $alike */
    private static function kind(string $key, string $genus, int $temper = 1, int $group = 1, array $alike = []): Species
    {
        return new Species($key, ucfirst($key), "{$genus} inventus", Range::of('a', 130, 150, 180), Range::of('k', 0.8, 1.2, 2.0), SwimmingStyle::Slow, needs: new HousingNeeds(minimumGroup: $group), habits: new Habits(temperament: $temper, mouthRatio: 0.1), lookAlikes: $alike);
    }
}
