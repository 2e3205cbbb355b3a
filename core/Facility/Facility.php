<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Rulebook\Rulebook;

/** The plain picture of a facility on one day: the input of every computation. */
final readonly class Facility
{
    /** @var array<string, System> by key, in walking order */
    public array $systems;

    /** @var array<string, Fish> by key */
    public array $fish;

    /**
     * @param  list<System>  $systems  in walking order
     * @param  list<Fish>  $fish
     *
     * @throws ImpossiblePicture when a fish names a system that is not there
     */
    public function __construct(
        public LocalDate $date,
        public int $horizonDays,
        public Rulebook $rulebook,
        array $systems,
        array $fish,
    ) {
        $this->systems = array_column($systems, null, 'key');
        $this->fish = array_column($fish, null, 'key');
        foreach ($fish as $single) {
            foreach ($single->stays as $stay) {
                if (! isset($this->systems[$stay->system])) {
                    throw ImpossiblePicture::becauseTheFishNamesAnUnknownSystem($single->key, $stay->system);
                }
            }
        }
    }

    public function horizon(): LocalDate
    {
        return $this->date->plusDays($this->horizonDays);
    }

    /** The same, looked at for so many days to come. */
    public function lookingAhead(int $days): self
    {
        return new self($this->date, $days, $this->rulebook, array_values($this->systems), array_values($this->fish));
    }

    /** The same, where another rulebook holds. */
    public function under(Rulebook $other): self
    {
        return new self($this->date, $this->horizonDays, $other, array_values($this->systems), array_values($this->fish));
    }

    /** @return list<Fish> */
    public function residentsOf(System $system): array
    {
        return array_values(array_filter($this->fish, fn (Fish $fish): bool => $fish->currentSystem() === $system->key));
    }

    /** The facility as it was known at the start of that day. */
    public function until(LocalDate $day): self
    {
        $known = array_filter($this->fish, fn (Fish $fish): bool => $fish->arrived->isBefore($day));

        return new self($day, $this->horizonDays, $this->rulebook, array_values($this->systems), array_values(array_map(
            fn (Fish $fish): Fish => $fish->measuredBefore($day),
            $known,
        )));
    }
}
