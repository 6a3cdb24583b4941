<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Closure;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\CarAction;

/** A test that could come next: what has to be done on this car as it stands, the looks or measurements, and its price. */
final readonly class Trial
{
    /**
     * @param  string  $id  permanent: the name of a usual test
     * @param  string  $place  a channel, or the car as a whole
     * @param  list<CarAction>  $before
     * @param  non-empty-list<CarAction>  $looks  what shows something
     * @param  list<string>  $features  names of what counts; none means all that is shown
     * @param  float  $cost  of all of it, in money
     * @param  ?Closure(Car): string  $alike  cars of the same text most likely show the same; null where only trying tells
     * @param  list<string>  $reaches  the channels that matter to it, or the unit; none where all may
     */
    public function __construct(
        public string $id,
        public string $place,
        public array $before,
        public array $looks,
        public array $features,
        public float $minutes,
        public float $cost,
        public array $reaches,
        public ?Closure $alike = null,
    ) {
    }

    /** Tells two trials apart. */
    public function text(): string
    {
        return implode(', ', array_map(static fn (CarAction $one): string => $one->question(), $this->actions()));
    }

    /** Its last question. */
    public function question(): CarAction
    {
        return $this->looks[count($this->looks) - 1];
    }

    /** @return non-empty-list<CarAction> */
    public function actions(): array
    {
        return [...$this->before, ...$this->looks];
    }
}
