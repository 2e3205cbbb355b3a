<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Http\Resources\FieldOption;
use App\Language\Messages;
use BackedEnum;
use Biomegas\Finding\Finding;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One field of an entry, with what stands in it.')]
final readonly class EntryField
{
    /** @param  list<FieldOption>  $options */
    private function __construct(
        #[OA\Property(description: 'Under which it is sent back, and refused.')] public string $name,
        #[OA\Property] public string $label,
        #[OA\Property(type: 'string', enum: FieldType::class)] public FieldType $type,
        #[OA\Property(description: 'As it is typed: text; "yes" or "no"; one to a line.')] public string $value,
        /** @var list<string> */
        #[OA\Property(description: 'Of several choices those that are taken.', type: 'array', items: new OA\Items(type: 'string'))] public array $chosen = [],
        #[OA\Property(type: 'array', items: new OA\Items(ref: FieldOption::class))] public array $options = [],
        /** Where it belongs in the request, if not under its name. */
        private ?string $path = null,
    ) {
    }

    public static function of(string $name, Finding $label, FieldType $type, string|int|float|null $value, ?string $path = null): self
    {
        return new self($name, self::said($label), $type, (string) $value, path: $path);
    }

    public static function yes(string $name, Finding $label, bool $value): self
    {
        return new self($name, self::said($label), FieldType::Yes, $value ? 'yes' : 'no');
    }

    /** @param  list<string>  $lines */
    public static function lines(string $name, Finding $label, array $lines): self
    {
        return new self($name, self::said($label), FieldType::Lines, implode("\n", $lines));
    }

    /** @param  list<FieldOption>  $options */
    public static function choice(string $name, Finding $label, string|int|null $value, array $options): self
    {
        return new self($name, self::said($label), FieldType::Choice, (string) $value, [], $options);
    }

    /**
     * @param  list<BackedEnum>  $cases
     * @param  bool  $mayBeEmpty  nothing need be chosen
     */
    public static function enum(string $name, Finding $label, ?BackedEnum $value, array $cases, bool $mayBeEmpty = false): self
    {
        $says = Messages::ofFacility();
        $options = array_map(fn (BackedEnum $case): FieldOption => new FieldOption((string) $case->value, $says->label($case)), $cases);
        if ($mayBeEmpty) {
            array_unshift($options, new FieldOption('', $says->say(Finding::of('log.field_none'))));
        }

        return new self($name, self::said($label), FieldType::Choice, (string) $value?->value, [], $options);
    }

    /**
     * @param  list<string>  $chosen
     * @param  list<BackedEnum>  $cases
     */
    public static function choices(string $name, Finding $label, array $chosen, array $cases): self
    {
        $says = Messages::ofFacility();

        return new self($name, self::said($label), FieldType::Choices, '', $chosen, array_map(fn (BackedEnum $case): FieldOption => new FieldOption((string) $case->value, $says->label($case)), $cases));
    }

    public static function day(string $value): self
    {
        return self::of('date', Finding::of('log.field_day'), FieldType::Day, $value);
    }

    public static function time(?string $value): self
    {
        return self::of('time', Finding::of('log.field_time'), FieldType::Time, $value === null ? '' : substr($value, 0, 5));
    }

    public function path(): string
    {
        return $this->path ?? $this->name;
    }

    /** @return string|list<string> what stands in it, as it would be sent back unchanged */
    public function asSent(): string|array
    {
        return $this->type === FieldType::Choices ? $this->chosen : $this->value;
    }

    private static function said(Finding $label): string
    {
        return Messages::ofFacility()->say($label);
    }
}
