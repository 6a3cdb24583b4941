<?php

declare(strict_types=1);

namespace Lernfall\Module\Control;

use Lernfall\Vehicle\Brakes\Modulation;

/** What traction control wants of valves, pump and engine for a tick, and what it goes by. */
final readonly class TractionWish
{
    /**
     * @param  list<Modulation>  $wheels  by wheel; whoever shares a circuit with a braked wheel is kept out of it
     * @param  list<int>  $braked  wheels that are braked without the pedal
     * @param  bool  $builds  the pump is to press into one of them
     * @param  float  $engineShare  of what the driver asks of the engine
     * @param  float  $reference  the car's speed as the program takes it, m/s
     * @param  list<WheelPhase>  $phases  by wheel
     */
    public function __construct(public array $wheels, public array $braked, public bool $builds, public float $engineShare, public float $reference, public array $phases)
    {
    }

    /** It is switched off, or has nothing to do. */
    public static function none(float $reference): self
    {
        return new self(array_fill(0, 4, Modulation::Increase), [], false, 1.0, $reference, array_fill(0, 4, WheelPhase::AsPressed));
    }

    public function isAtWork(): bool
    {
        return $this->braked !== [] || $this->engineShare < 1.0;
    }
}
