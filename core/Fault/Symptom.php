<?php

declare(strict_types=1);

namespace Lernfall\Fault;

use Lernfall\Vehicle\Provocation;

/** Something a customer notices, and what goes with it; how much is common practice, no source. */
final readonly class Symptom
{
    /** Where nothing is wrong. */
    public const NOTHING = 'nothing';

    /**
     * @param  array<string, float>  $factors  by kind of fault, or "nothing": how much more common it is among cars that come in with this
     * @param  ?Provocation  $under  the circumstance in which it is noticed, if that can be brought about in the bay or on a drive
     * @param  float  $underFactor  how much more common what shows under that circumstance is
     * @param  bool  $doubtsPedal  the brakes themselves may be at fault: such a car is not driven
     */
    public function __construct(
        public string $id,
        public array $factors,
        public ?Provocation $under,
        public float $underFactor,
        public bool $doubtsPedal,
    ) {
    }

    /** How much more common this fault is among cars of which it is told. */
    public function factor(Fault $fault): float
    {
        return ($this->factors[$fault->kind->id] ?? 1.0) * ($this->under !== null && $fault->provokedBy === $this->under ? $this->underFactor : 1.0);
    }
}
