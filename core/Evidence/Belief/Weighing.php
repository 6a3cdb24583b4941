<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Fault\Fault;

/** How observations are weighed against each other; weighing.json holds the figures. */
final readonly class Weighing
{
    /**
     * @param  list<array{string, string, float, float}>  $unseen  vehicle, kind, and the strengths from and up to which no test tells such a car from a sound one
     */
    public function __construct(
        public Priors $priors,
        public Scatter $scatter,
        public Pursuit $pursuit,
        public Separating $separating,
        private array $unseen,
    ) {
    }

    /** Whether no test tells a car with this fault from a sound one: to repair nothing is right there as well. */
    public function isUnseen(string $vehicle, Fault $fault): bool
    {
        foreach ($this->unseen as [$id, $kind, $from, $to]) {
            if ($id === $vehicle && $kind === $fault->kind->id && $fault->strength >= $from && $fault->strength <= $to) {
                return true;
            }
        }

        return false;
    }
}
