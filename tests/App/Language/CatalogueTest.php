<?php

declare(strict_types=1);

namespace Tests\App\Language;

use App\Language\Catalogue;
use App\Language\Messages;
use App\Language\PseudoLanguage;
use App\Models\Role;
use App\Scenario\JsonType;
use BackedEnum;
use Biomegas\Brood\BroodSign;
use Biomegas\Brood\BroodStepKind;
use Biomegas\Brood\BroodStyle;
use Biomegas\Company\Act;
use Biomegas\Company\Aggression\ChangeKind;
use Biomegas\Company\Aggression\Occasion;
use Biomegas\Company\Harm;
use Biomegas\Cost\SpendingKind;
use Biomegas\Culture\CultureEventKind;
use Biomegas\Culture\CultureKind;
use Biomegas\Facility\Equipment\LightState;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Purpose;
use Biomegas\Facility\Salinity;
use Biomegas\Facility\Sex;
use Biomegas\Facility\Temper;
use Biomegas\Facility\WaterLayer;
use Biomegas\Food\FoodForm;
use Biomegas\Food\FoodUnit;
use Biomegas\Food\MealOutcome;
use Biomegas\Food\StockEntryKind;
use Biomegas\Housing\Size\SizeRule;
use Biomegas\Losses\CountKind;
use Biomegas\Losses\LossKind;
use Biomegas\Moving\Mixing\MixingWay;
use Biomegas\Moving\Quarantine\ProductClass;
use Biomegas\Moving\Watch\CheckItem;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Success;
use Biomegas\Picture\ErrorCause;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\PairVerdict;
use Biomegas\Rulebook\Ration;
use Biomegas\Water\Nitrification\FilterCare;
use Biomegas\Water\Readiness\CycleState;
use Biomegas\Water\Test\Quantity;
use MessageFormatter;
use PHPUnit\Framework\TestCase;

/** Every finding of the code has a message with exactly its figures, and no message is left over. */
final class CatalogueTest extends TestCase
{
    /** Endings of placeholders that Messages derives from a figure. */
    private const DERIVED = '/_(words|month|time|inline|sentences|then|or|units)$/';

    /** @var list<array{class-string<BackedEnum>, string}> enums that are told inside sentences, with the aspect */
    private const LABELLED = [
        [Fitting::class, ''], [WaterLayer::class, ''], [Salinity::class, ''], [SizeRule::class, ''], [Quantity::class, ''], [Quantity::class, 'units'], [MixingWay::class, ''],
        [CheckItem::class, ''], [ChangeKind::class, ''], [LightState::class, ''], [Purpose::class, ''], [Temper::class, ''], [BroodStepKind::class, ''], [Harm::class, ''], [Intervention::class, ''], [Intervention::class, 'why'], [CycleState::class, ''], [JsonType::class, ''],
        [Method::class, ''], [LengthKind::class, ''], [Act::class, ''], [LossKind::class, ''], [CountKind::class, ''], [Sex::class, ''], [Ration::class, ''], [ProductClass::class, ''], [Occasion::class, ''], [PairVerdict::class, ''], [BroodSign::class, ''], [BroodStyle::class, ''], [FilterCare::class, ''], [Success::class, ''], [ErrorCause::class, ''], [Role::class, ''],
        [FoodForm::class, ''], [FoodUnit::class, ''], [MealOutcome::class, ''], [StockEntryKind::class, ''], [CultureEventKind::class, ''], [CultureKind::class, ''], [SpendingKind::class, ''],
    ];

    public function test_every_finding_has_a_message_with_exactly_its_figures(): void
    {
        $patterns = Catalogue::in('en')->patterns();
        $wrong = [];
        foreach (FindingsInCode::all() as ['code' => $code, 'figures' => $figures, 'file' => $file]) {
            $wanted = isset($patterns[$code]) ? self::placeholders($patterns[$code]) : null;
            if ($wanted !== $figures) {
                $wrong[] = "{$file}: {$code} has [".implode(', ', $figures).'], its message '.($wanted === null ? 'is missing' : '['.implode(', ', $wanted).']');
            }
        }

        $this->assertSame([], $wrong);
    }

    public function test_no_message_is_left_over(): void
    {
        $made = array_column(FindingsInCode::all(), 'code');
        $left = array_filter(array_keys(Catalogue::in('en')->patterns()), fn (string $code): bool => ! in_array($code, $made, true) && preg_match('/^(label|joint|share)\./', $code) !== 1);

        $this->assertSame([], array_values($left));
    }

    public function test_every_value_that_is_told_has_a_label_and_no_other(): void
    {
        $wanted = [];
        foreach (self::LABELLED as [$enum, $aspect]) {
            foreach ($enum::cases() as $case) {
                $wanted[] = 'label.'.Messages::labelled($case, $aspect).".{$case->value}";
            }
        }
        $there = array_values(array_filter(array_keys(Catalogue::in('en')->patterns()), fn (string $code): bool => str_starts_with($code, 'label.')));

        $this->assertEqualsCanonicalizing($wanted, $there);
    }

    public function test_every_message_is_a_pattern_that_ICU_reads_in_the_made_up_language_too(): void
    {
        foreach (['en', PseudoLanguage::NAME] as $language) {
            foreach (Catalogue::in($language)->patterns() as $code => $pattern) {
                $this->assertInstanceOf(MessageFormatter::class, MessageFormatter::create('en', $pattern), "{$language} {$code}: {$pattern}");
                $this->assertSame(self::placeholders(Catalogue::in('en')->patterns()[$code]), self::placeholders($pattern), "{$language} {$code}");
            }
        }
    }

    public function test_the_check_of_findings_bites(): void
    {
        $found = FindingsInCode::in('<?php Finding::of("a.b", two: 2, one: 1); Finding::of($code, ...$figures); Other::of("c");', 'file');

        $this->assertSame([['code' => 'a.b', 'figures' => ['one', 'two'], 'file' => 'file'], ['code' => '?', 'figures' => ['?'], 'file' => 'file']], $found);
        $this->assertSame(['count', 'name'], self::placeholders('{count, plural, one {# of {name}} other {{count_words} of {name}}}'));
    }

    /** @return list<string> the figures that a pattern tells of */
    private static function placeholders(string $pattern): array
    {
        $at = 0;
        $names = array_unique(array_map(fn (string $name): string => (string) preg_replace(self::DERIVED, '', $name), self::namesIn(mb_str_split($pattern), $at)));
        sort($names);

        return array_values($names);
    }

    /**
     * Of a message, until the brace that ends it.
     *
     * @param  list<string>  $characters
     * @return list<string>
     */
    private static function namesIn(array $characters, int &$at): array
    {
        $names = [];
        for (; ($characters[$at] ?? '}') !== '}'; $at++) {
            if ($characters[$at] !== '{') {
                continue;
            }
            $head = '';
            while (! in_array($characters[++$at], [',', '}'], true)) {
                $head .= $characters[$at];
            }
            $names[] = trim($head);
            while ($characters[$at] !== '}') {
                if ($characters[++$at] === '{') {
                    $at++;
                    array_push($names, ...self::namesIn($characters, $at));
                    $at++;
                }
            }
        }

        return $names;
    }
}
