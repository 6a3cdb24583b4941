<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Closure;
use Lernfall\Bay\Car\Car;
use Lernfall\Vehicle\Vehicle;

/** A test that could come next on a car that has just come in: what is done before it, the looks or measurements, and which of the things they show count. */
final readonly class CandidateTest
{
    /**
     * @param  string  $id  permanent, the same for every channel
     * @param  list<CarAction>  $before
     * @param  non-empty-list<CarAction>  $looks  what shows something
     * @param  list<string>  $features  names of what counts; none means all that is shown
     * @param  string  $with  another channel that it looks at as well, where it looks at one; "" for none
     * @param  bool  $isUsual  whether a preview of a case shows it
     * @param  bool  $isAdvised  whether it can be the next one
     * @param  ?Closure(Car): string  $alike  cars of the same text most likely show the same, where that is told sooner than what they show; null where it is not
     */
    private function __construct(
        public string $id,
        public array $before,
        public array $looks,
        public array $features,
        private TestReach $reach,
        public string $with,
        public bool $isUsual,
        public bool $isAdvised,
        public ?Closure $alike = null,
    ) {
    }

    /**
     * One of those that everybody makes.
     *
     * @param  list<CarAction>  $before
     * @param  list<string>  $features
     */
    public static function usual(string $id, array $before, CarAction $look, array $features): self
    {
        return new self($id, $before, [$look], $features, TestReach::Channel, '', true, true);
    }

    /**
     * One that is made where it pays.
     *
     * @param  list<CarAction>  $before
     * @param  non-empty-list<CarAction>  $looks
     * @param  list<string>  $features
     */
    public static function further(string $id, array $before, array $looks, array $features): self
    {
        return new self($id, $before, $looks, $features, TestReach::Channel, '', false, true);
    }

    /** It looks at more of the car than one channel. */
    public function ofTheWholeCar(): self
    {
        return new self($this->id, $this->before, $this->looks, $this->features, TestReach::Car, $this->with, $this->isUsual, $this->isAdvised);
    }

    /** It looks at no channel, but at the hydraulic unit with its wires and brakes. */
    public function ofTheUnit(): self
    {
        return new self($this->id, $this->before, $this->looks, $this->features, TestReach::Unit, '', $this->isUsual, $this->isAdvised);
    }

    /**
     * It looks at the whole car, and what makes a difference to it is told sooner than what it shows.
     *
     * @param  Closure(Car): string  $alike
     */
    public function ofTheWholeCarBy(Closure $alike): self
    {
        return new self($this->id, $this->before, $this->looks, $this->features, TestReach::Car, $this->with, $this->isUsual, $this->isAdvised, $alike);
    }

    public function lookingAlsoAt(string $channel): self
    {
        return new self($this->id, $this->before, $this->looks, $this->features, $this->reach, $channel, $this->isUsual, $this->isAdvised);
    }

    /** A preview shows it, but another test takes its place in the advice. */
    public function onlyShown(): self
    {
        return new self($this->id, $this->before, $this->looks, $this->features, $this->reach, $this->with, true, false);
    }

    /** Whether it looks at its channel only, so that an untouched channel shows what a sound car shows. */
    public function isLocal(): bool
    {
        return $this->reach === TestReach::Channel;
    }

    /** @return list<string> the channels that matter to it where it is made at this place, or the unit; none where all may */
    public function reaches(string $place): array
    {
        if ($this->reach === TestReach::Unit) {
            return [Vehicle::UNIT];
        }

        return $this->isLocal() && $place !== Vehicle::WHOLE ? array_values(array_filter([$place, $this->with], static fn (string $one): bool => $one !== '')) : [];
    }

    /** @return non-empty-list<CarAction> */
    public function actions(): array
    {
        return [...$this->before, ...$this->looks];
    }
}
