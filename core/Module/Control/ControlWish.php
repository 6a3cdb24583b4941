<?php

declare(strict_types=1);

namespace Lernfall\Module\Control;

use Lernfall\Vehicle\Brakes\Modulation;

/** What the control of slip wants of valves and pump for a tick, and what it goes by. */
final readonly class ControlWish
{
    /**
     * @param  list<Modulation>  $first  for the first half of the tick, by wheel
     * @param  list<Modulation>  $second  for the second half
     * @param  float  $reference  the car's speed as the program takes it, m/s
     * @param  list<WheelPhase>  $phases  by wheel
     */
    public function __construct(public array $first, public array $second, public bool $pump, public float $reference, public array $phases)
    {
    }

    public static function none(float $reference): self
    {
        $as = array_fill(0, 4, Modulation::Increase);

        return new self($as, $as, false, $reference, array_fill(0, 4, WheelPhase::AsPressed));
    }

    public function isOne(): bool
    {
        return $this->first === $this->second;
    }
}
