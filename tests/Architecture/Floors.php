<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may know whom, checked by PHPStan: every folder knows those below it and none above. */
final class Floors
{
    /** Folders of the core from the ground up; those in one line do not know each other. */
    private const CORE = [
        ['Finding', 'Numerics'],
        ['Calendar', 'Growth\LeastSquares', 'Measure', 'Picture', 'QuickEntry', 'Steps'],
        ['Culture', 'Facility\Description', 'Facility\Group', 'Placement'],
        ['Facility\Equipment', 'Facility\Shape', 'Rulebook'],
        ['Facility'],
        ['Company\Rank', 'Food', 'Growth\Clock', 'Growth\Curve', 'Growth\Pace', 'Housing\Size', 'Housing\Verdict', 'Losses', 'Moving', 'Moving\Quarantine', 'Moving\Watch', 'Water'],
        ['Sitting', 'Company', 'Growth\Fit', 'Housing\Floor', 'Water\Nitrification', 'Water\Test'],
        ['Brood', 'Company\Aggression', 'Growth\Kin', 'Growth\Projection', 'Moving\Mixing', 'Water\Nitrate'],
        ['Growth', 'Water\Load'],
        ['Cost', 'Housing\Rule'],
        ['Housing'],
        ['Moving\Sheet', 'Planning', 'Planning\HomesAhead', 'Water\Readiness'],
        ['Planning\Company', 'Planning\Describing', 'Planning\Floor', 'Planning\WeighUp'],
        ['Planning\Change', 'Planning\Search', 'Planning\Supposing'],
        ['Planning\Mix', 'Planning\Plan'],
        ['Planning\Agenda', 'Planning\Mending', 'Planning\Rescue'],
    ];

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function a_folder_of_the_core_knows_none_above_it(): iterable
    {
        foreach (self::CORE as $floor => $folders) {
            foreach ($folders as $folder) {
                $others = [...array_diff($folders, [$folder]), ...array_merge(...array_slice(self::CORE, $floor + 1))];
                if ($others !== []) {
                    yield $folder => PHPat::rule()
                        ->classes(self::folder($folder))
                        ->shouldNot()->dependOn()
                        ->classes(...array_map(self::folder(...), $others))
                        ->because("{$folder} stands below them: docs/architecture.md");
                }
            }
        }
    }

    /** Exactly this folder, not those within it. */
    private static function folder(string $folder): SelectorInterface
    {
        return Selector::inNamespace('/^'.preg_quote("Biomegas\\{$folder}", '/').'$/', true);
    }

    #[TestRule]
    public function the_core_knows_no_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Biomegas'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App'), Selector::inNamespace('Illuminate'), Selector::inNamespace('Symfony'))
            ->because('the rules of the job stand alone');
    }

    #[TestRule]
    public function only_what_wires_and_commands_knows_the_way_in(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App'))
            ->excluding(Selector::inNamespace('App\Http'), Selector::inNamespace('App\Providers'), Selector::inNamespace('App\Console'), Selector::inNamespace('App\OpenApi'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Http'))
            ->because('requests and resources are the way in and out; what they rest on does not know them');
    }
}
