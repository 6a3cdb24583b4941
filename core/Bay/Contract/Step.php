<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Workshop\Rate;

/** One action of a job with what it showed and cost. */
final readonly class Step
{
    /**
     * @param  int  $number  counted from 1
     * @param  Car  $before  the car as it stood before
     * @param  Car  $after  and as it stands afterwards
     */
    public function __construct(
        public int $number,
        public Action $action,
        public Observation $observation,
        public Rate $cost,
        public Car $before,
        public Car $after,
    ) {
    }

    /** Whether it was carried out; a refused action leaves the car as it was. */
    public function wasDone(): bool
    {
        return ! $this->observation->wasRefused();
    }
}
