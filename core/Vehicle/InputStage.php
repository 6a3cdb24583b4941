<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** The module's end of a channel; each sensor technology has its own, and the kinds stand in core/Sensor. */
interface InputStage
{
    /** Whether full supply follows only once a weak test level has found the circuit in range. */
    public function switchesSupply(): bool;

    /** The name of a supply that several inputs hang on; "" where it has its own or none. */
    public function sharedSupply(): string;

    /** Loading a pair with another resistance; the same where it does not load it. */
    public function loading(float $acrossOhms): self;

    /** The conductor on which the signal is best seen against the body; null where it is seen between the first two. */
    public function signalConductor(): ?int;
}
