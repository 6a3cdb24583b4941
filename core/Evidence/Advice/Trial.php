<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Action\CarAction;

/** A test that could come next: what has to be done on this car as it stands, the look or measurement, and its price. */
final readonly class Trial
{
    /**
     * @param  string  $id  permanent: the name of a usual test
     * @param  string  $place  a channel, or the car as a whole
     * @param  list<CarAction>  $before
     * @param  list<string>  $features  names of what counts; none means all that is shown
     * @param  float  $cost  of all of it, in money
     */
    public function __construct(
        public string $id,
        public string $place,
        public array $before,
        public CarAction $action,
        public array $features,
        public float $minutes,
        public float $cost,
    ) {
    }

    /** @return list<CarAction> */
    public function actions(): array
    {
        return [...$this->before, $this->action];
    }
}
