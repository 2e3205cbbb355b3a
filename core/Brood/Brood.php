<?php

declare(strict_types=1);

namespace Biomegas\Brood;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** A brood that is under way in one home. */
final readonly class Brood
{
    /** @param  list<BroodStep>  $steps  by day */
    private function __construct(
        public Fish $mother,
        /** Null: not known. */
        public ?Fish $father,
        public BroodStyle $style,
        public BroodSign $sign,
        public LocalDate $date,
        public array $steps,
    ) {
    }

    /** @param  array<string, array{done?: bool, out?: bool, on?: LocalDate|null}>  $arranged  by kind of step */
    public static function of(Fish $mother, ?Fish $father, BroodStyle $style, BroodSign $sign, LocalDate $date, array $arranged = []): self
    {
        return new self($mother, $father, $style, $sign, $date, BroodPlan::of($style, $sign, $date, $arranged));
    }

    /**
     * @param  string  $home  key of the system
     *
     * @throws InvalidEntry when it cannot have been seen there on that day
     */
    public static function check(Fish $mother, ?Fish $father, string $home, LocalDate $date, LocalDate $today): void
    {
        if ($father !== null && $father->key === $mother->key && ! $mother->isShoal()) {
            throw InvalidEntry::because('father_id', Finding::of('brood.same_fish', fish: $mother->name));
        }
        foreach (['mother_id' => $mother, 'father_id' => $father] as $field => $parent) {
            if ($parent === null) {
                continue;
            }
            LoggedDay::check($date, $parent, $today);
            if (! in_array($home, $parent->homesOn($date), true)) {
                throw InvalidEntry::because($field, Finding::of('brood.not_there', fish: $parent->name, day: $date));
            }
        }
    }

    public function step(BroodStepKind $kind): ?BroodStep
    {
        foreach ($this->steps as $step) {
            if ($step->kind === $kind) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<Finding> what is to be thought of */
    public function cautions(): array
    {
        return array_values(array_filter([
            $this->father !== null && $this->father->species->key !== $this->mother->species->key
                ? Finding::of('brood.hybrids', one: $this->mother->species->commonName, other: $this->father->species->commonName)
                : null,
            $this->style->guards() && $this->sign->setsTheDay() ? Finding::of('brood.guards') : null,
            $this->step(BroodStepKind::ParentsOut)?->isDone === false ? Finding::of('brood.eaten') : null,
        ]));
    }
}
