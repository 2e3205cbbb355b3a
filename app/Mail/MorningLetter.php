<?php

declare(strict_types=1);

namespace App\Mail;

use App\Facility\AgendaBook;
use App\Facility\FacilitySnapshot;
use App\Feeding\FoodDues;
use App\Models\FacilitySettings;
use App\Models\RoundTick;
use App\Models\Sitter;
use App\Sitting\Outcome;
use Biomegas\Finding\Finding;
use Biomegas\Planning\Agenda\AgendaItem;
use Biomegas\Planning\Agenda\AgendaKind;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** One letter a day, if anything is due or dangerous: the same as on Today, in the same order. */
final class MorningLetter extends Mailable
{
    /** More is for the page itself. */
    private const MOST_LINES = 40;

    /** @param  list<string>  $lines */
    private function __construct(private readonly string $title, private readonly array $lines)
    {
    }

    /** Null: nothing is due. */
    public static function of(FacilitySnapshot $kept, FacilitySettings $place): ?self
    {
        $items = AgendaBook::today($kept)->items;
        $words = [...self::fromSitters($kept), ...self::ofTheStore($kept)];
        if ($items === [] && $words === []) {
            return null;
        }
        $says = $kept->saysInFull();
        $danger = array_filter($items, fn (AgendaItem $item): bool => $item->urgency() === AgendaKind::Danger->urgency());
        $subject = $danger === []
            ? Finding::of('mail.letter_subject', place: $place->name, on: $kept->facility->date, n: count($items) + count($words))
            : Finding::of('mail.letter_subject_danger', place: $place->name, on: $kept->facility->date, danger: count($danger), n: count($items) + count($words));
        $shown = array_slice($items, 0, self::MOST_LINES);
        $lines = array_map(fn (Finding $line): string => $says->say($line), [...$words, ...array_map(fn (AgendaItem $item): Finding => self::line($kept, $item), $shown)]);
        $more = count($items) - count($shown);

        return new self($says->say($subject), [...$lines, ...($more > 0 ? [$says->say(Finding::of('mail.letter_more', n: $more))] : []), $says->say(Finding::of('mail.letter_page', address: url('/')))]);
    }

    /** @return list<Finding> what should have been bought or begun by now */
    private static function ofTheStore(FacilitySnapshot $kept): array
    {
        return array_column(array_filter(FoodDues::of($kept), fn (array $due): bool => $due[1]), 0);
    }

    private static function line(FacilitySnapshot $kept, AgendaItem $item): Finding
    {
        $system = $kept->facility->systems[$item->system]->name ?? '';
        $what = match (true) {
            $item->kind === AgendaKind::Measure => $item->what === null ? Finding::of('mail.measure') : Finding::of('mail.measure_late', what: $item->what),
            default => $item->what ?? Finding::of('mail.look'),
        };
        $line = $system === '' || $system === $item->name ? Finding::of('mail.line', name: $item->name, what: $what) : Finding::of('mail.line_in', name: $item->name, system: $system, what: $what);

        return $item->isLate ? Finding::of('mail.pressing', line: $line) : $line;
    }

    /** @return list<Finding> what sitters saw since yesterday that was not well */
    private static function fromSitters(FacilitySnapshot $kept): array
    {
        $ticks = RoundTick::query()->where('outcome', Outcome::NotFine)->where('date', '>=', $kept->facility->date->plusDays(-1)->toIso())->orderBy('date')->orderBy('time')->limit(self::MOST_LINES)->get();
        $names = Sitter::query()->pluck('name', 'id');

        return array_values($ticks->map(fn (RoundTick $tick): Finding => Finding::of('mail.sitter', sitter: (string) ($names[$tick->sitter_id] ?? ''), system: $kept->system((int) $tick->system_id)->name, note: (string) $tick->note))->all());
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->title);
    }

    public function content(): Content
    {
        return new Content(text: 'mail.plain', with: ['lines' => $this->lines]);
    }
}
