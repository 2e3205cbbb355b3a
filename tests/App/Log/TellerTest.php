<?php

declare(strict_types=1);

namespace Tests\App\Log;

use App\Language\Messages;
use App\Log\LogKind;
use App\Log\Teller;
use App\Models\Attempt;
use App\Models\Brood;
use App\Models\Count;
use App\Models\HealthObservation;
use App\Models\Incident;
use App\Models\Loss;
use App\Models\Makeup;
use App\Models\Measurement;
use App\Models\Treatment;
use App\Models\WaterTest;
use App\Models\WaterWork;
use Illuminate\Database\Eloquent\Model;
use Tests\Api\ApiTestCase;

/** What an entry tells, in one sentence. */
final class TellerTest extends ApiTestCase
{
    public function test_losses(): void
    {
        $bramble = ['fish_id' => $this->fish('Bramble')];
        $loss = fn (array $columns): Loss => new Loss([...$bramble, 'count' => 1, 'cause' => null, 'sex' => null, 'eaten_by_id' => null, 'last_seen' => null, 'lesson' => null, ...$columns]);

        $this->tells(LogKind::Loss, $loss(['kind' => 'death']), 'Bramble died');
        $this->tells(LogKind::Loss, $loss(['kind' => 'jumped', 'cause' => 'no lid']), 'Bramble jumped out: no lid');
        $this->tells(LogKind::Loss, $loss(['kind' => 'vanished', 'count' => 3, 'sex' => 'male']), '3 of Bramble vanished (male)');
        $this->tells(LogKind::Loss, $loss(['kind' => 'eaten', 'eaten_by_id' => $this->fish('Tarn'), 'last_seen' => '2027-03-01', 'lesson' => 'Count more often']), 'Bramble eaten by Tarn, last seen on 1 March 2027. Learnt: Count more often');
    }

    public function test_measures_and_company(): void
    {
        $pip = ['fish_id' => $this->fish('Pip')];
        $this->tells(LogKind::Length, new Measurement([...$pip, 'length_tenth_mm' => 2354, 'method' => 'ruler', 'sample' => 1]), 'Pip measured 23.5 cm, through the glass');
        $this->tells(LogKind::Length, new Measurement([...$pip, 'length_tenth_mm' => 980, 'method' => 'picture', 'sample' => 7]), 'Pip: 9.8 cm on the mean of 7, from a picture');
        $this->tells(LogKind::Count, new Count([...$pip, 'number' => 11, 'kind' => 'at-least']), 'Pip: counted 11, at least so many seen');
        $this->tells(LogKind::Makeup, new Makeup([...$pip, 'males' => 1, 'females' => 0, 'count' => 4, 'sizes' => []]), 'Pip: one male and no female among 4');
        $this->tells(LogKind::Makeup, new Makeup([...$pip, 'males' => 0, 'females' => 0, 'count' => 4, 'sizes' => []]), 'Pip: 4 told apart by size');
        $this->tells(LogKind::Incident, new Incident([...$pip, 'target_id' => $this->fish('Burr'), 'act' => 'bit', 'harm' => 'torn-fin', 'first_id' => 1, 'occasions' => ['feeding']]), 'Pip bit Burr: a torn fin (at feeding)');
        $this->tells(LogKind::Attempt, new Attempt(['system_id' => $this->system('Gauge tank'), 'intervention' => 'lights-off', 'success' => 'no']), 'Gauge tank: Lights off (it did not help)');
    }

    public function test_water_health_and_broods(): void
    {
        [$long, $alder] = [['system_id' => $this->system('Long tank')], ['fish_id' => $this->fish('Alder')]];
        $this->tells(LogKind::Work, new WaterWork([...$long, 'kind' => 'water-change', 'share' => 0.3]), 'Long tank: 30 % of the water changed');
        $this->tells(LogKind::Work, new WaterWork([...$long, 'kind' => 'deep-cleaned', 'share' => null]), 'Long tank: filter deep-cleaned');
        $this->tells(LogKind::Test, new WaterTest([...$long, 'values' => ['ph' => 7.2, 'nitrite_mg_l' => 0.5], 'note' => 'Fed little']), 'Long tank: pH 7.2 and nitrite 0.5 mg/l: Fed little');
        $this->tells(LogKind::Look, new HealthObservation([...$alder, 'is_eating' => false, 'sign' => 'White spots']), 'Looked at Alder: it does not eat; White spots');
        $this->tells(LogKind::Treatment, new Treatment([...$alder, 'product_class' => 'salt', 'until' => '2027-03-20', 'dose' => null]), 'Alder is treated with salt until 20 March 2027');
        $this->tells(LogKind::Brood, new Brood([...$alder, 'sign' => 'spawned', 'outcome' => 'lost']), 'Alder: a brood, they spawned; the young were lost');
    }

    public function test_what_cannot_be_read_says_so_and_takes_nothing_down(): void
    {
        $broken = new Loss(['fish_id' => $this->fish('Pip'), 'kind' => 'death', 'count' => 1]);
        $broken->setRawAttributes([...$broken->getAttributes(), 'id' => 1, 'kind' => 'evaporated']);

        $this->tells(LogKind::Loss, $broken, 'This entry cannot be read. Today says how to mend it.');
    }

    private function tells(LogKind $kind, Model $entry, string $sentence): void
    {
        $entry->setAttribute('id', 1);
        $this->assertSame($sentence, Messages::ofFacility()->say($this->app->make(Teller::class)->tell($kind, $entry)));
    }
}
