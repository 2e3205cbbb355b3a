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

    /** @var array<string, System> by key: no homes any more, kept for the history of those who lived there */
    public array $former;

    /** @var array<string, Fish> by key */
    public array $fish;

    /** @var array<string, list<Fish>> by system */
    private array $residents;

    /**
     * @param  list<System>  $systems  in walking order
     * @param  list<Fish>  $fish
     * @param  list<System>  $former  out of use
     *
     * @throws ImpossiblePicture when a fish names a system that is not there
     */
    public function __construct(
        public LocalDate $date,
        public int $horizonDays,
        public Rulebook $rulebook,
        array $systems,
        array $fish,
        array $former = [],
    ) {
        $this->systems = array_column($systems, null, 'key');
        $this->former = array_column($former, null, 'key');
        $this->fish = array_column($fish, null, 'key');
        foreach ($fish as $single) {
            foreach ($single->stays as $stay) {
                if (! isset($this->systems[$stay->system]) && ! isset($this->former[$stay->system])) {
                    throw ImpossiblePicture::becauseTheFishNamesAnUnknownSystem($single->key, $stay->system);
                }
            }
        }
        $residents = [];
        foreach ($this->fish as $single) {
            $residents[$single->currentSystem()][] = $single;
        }
        $this->residents = $residents;
    }

    /** In use or not. */
    public function system(string $key): System
    {
        return $this->systems[$key] ?? $this->former[$key];
    }

    public function horizon(): LocalDate
    {
        return $this->date->plusDays($this->horizonDays);
    }

    /** The same, looked at for so many days to come. */
    public function lookingAhead(int $days): self
    {
        return new self($this->date, $days, $this->rulebook, array_values($this->systems), array_values($this->fish), array_values($this->former));
    }

    /** The same, where another rulebook holds. */
    public function under(Rulebook $other): self
    {
        return new self($this->date, $this->horizonDays, $other, array_values($this->systems), array_values($this->fish), array_values($this->former));
    }

    /** The same with this system in place of the one of its key, or besides the others. */
    public function withSystem(System $system): self
    {
        return new self($this->date, $this->horizonDays, $this->rulebook, array_values([...$this->systems, $system->key => $system]), array_values($this->fish), array_values($this->former));
    }

    /** The same with this fish in place of the one of its key, or besides the others. */
    public function withFish(Fish $fish): self
    {
        return new self($this->date, $this->horizonDays, $this->rulebook, array_values($this->systems), array_values([...$this->fish, $fish->key => $fish]), array_values($this->former));
    }

    public function withoutFish(string $key): self
    {
        return new self($this->date, $this->horizonDays, $this->rulebook, array_values($this->systems), array_values(array_diff_key($this->fish, [$key => true])), array_values($this->former));
    }

    /** @return list<Fish> */
    public function residentsOf(System $system): array
    {
        return $this->residents[$system->key] ?? [];
    }

    /** The facility as it was known at the start of that day. */
    public function until(LocalDate $day): self
    {
        $known = array_filter($this->fish, fn (Fish $fish): bool => $fish->arrived->isBefore($day));

        return new self($day, $this->horizonDays, $this->rulebook, array_values($this->systems), array_values(array_map(
            fn (Fish $fish): Fish => $fish->measuredBefore($day),
            $known,
        )), array_values($this->former));
    }
}
