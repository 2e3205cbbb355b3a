<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\UnreadableDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\Number;
use Biomegas\Water\Test\Quantity;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['readings'], properties: [
    new OA\Property(property: 'readings', type: 'array', minItems: 1, maxItems: 1000, items: new OA\Items(required: ['quantity', 'value', 'taken_at'], properties: [
        new OA\Property(property: 'quantity', type: 'string', enum: Quantity::class),
        new OA\Property(property: 'value', description: 'In the unit that the name of the quantity carries.', type: 'number'),
        new OA\Property(property: 'taken_at', description: 'With its zone, for example 2027-03-13T08:10:00Z.', type: 'string', format: 'date-time'),
    ], type: 'object')),
])]
final class ReadingsRequest extends FormRequest
{
    public const MOST = 1000;

    /** A clock may run ahead by so much. */
    private const AHEAD_SECONDS = 600;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'readings' => ['required', 'array', 'list', 'max:'.self::MOST],
            'readings.*.quantity' => ['required', Rule::enum(Quantity::class)],
            'readings.*.value' => ['required', 'numeric:strict'],
            'readings.*.taken_at' => ['required', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('readings');
    }

    /**
     * @return list<array{Quantity, DateTimeImmutable, float}>
     *
     * @throws InvalidEntry naming the reading that cannot be
     */
    public function readings(): array
    {
        $readings = [];
        /** @var list<array{quantity: string, value: float|int|string, taken_at: string}> $sent */
        $sent = array_values($this->array('readings'));
        foreach ($sent as $i => $reading) {
            $quantity = Quantity::from($reading['quantity']);
            $at = self::instant($reading['taken_at']) ?? throw InvalidEntry::because("readings.{$i}.taken_at", Finding::of('entry.no_time_with_zone', typed: $reading['taken_at']));
            if ($at->getTimestamp() > now()->getTimestamp() + self::AHEAD_SECONDS) {
                throw InvalidEntry::because("readings.{$i}.taken_at", Finding::of('entry.probe_time_to_come'));
            }
            [$least, $most] = $quantity->possible();
            $value = (float) $reading['value'];
            if (! is_finite($value) || $value < $least || $value > $most) {
                throw InvalidEntry::because("readings.{$i}.value", Finding::of('entry.impossible_reading', quantity: $quantity, value: Number::of($value)));
            }
            $readings[] = [$quantity, $at, $value];
        }

        return $readings;
    }

    /** Null unless it is one: PHP would take 31 February for 3 March. */
    private static function instant(string $text): ?DateTimeImmutable
    {
        $at = DateTimeImmutable::createFromFormat('Y-m-d\TH:i:sP', $text);
        $isShifted = DateTimeImmutable::getLastErrors() !== false;
        try {
            LocalDate::fromIso(substr($text, 0, 10));
        } catch (UnreadableDate) {
            return null;
        }

        return $at === false || $isShifted ? null : $at;
    }
}
