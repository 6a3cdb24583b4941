<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Circuit\CircuitInput;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Injection;
use Lernfall\Circuit\InputVoltages;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Monitors;

/** The module's end of a channel as its program sees it: what it checks when the key is turned on, and what it hears. */
interface SpeedListening extends CircuitInput
{
    /** @param  float  $factor  by which this module's limits lie off */
    public function isGrounded(InputVoltages $measured, Monitors $monitors, float $factor): bool;

    /** @param  float  $factor  by which this module's limits lie off */
    public function isSupplied(InputVoltages $measured, Monitors $monitors, float $factor): bool;

    /** @param  float  $factor  by which this module's limits lie off */
    public function isOpen(InputVoltages $measured, Monitors $monitors, float $factor): bool;

    /** @param  float  $factor  by which this module's limits lie off */
    public function isShorted(InputVoltages $measured, Monitors $monitors, float $factor): bool;

    /**
     * Peak against its nominal threshold of what its untwisted cables pick up while the engine runs.
     *
     * @param  array<array-key, Channel>  $channels  this channel and all that leads join to it, by id
     */
    public function disturbance(string $at, array $channels, ElectricalState $state): float;

    /**
     * What the sensor of a channel gives it.
     *
     * @param  string  $at  the channel it belongs to
     * @param  array<array-key, Channel>  $channels  the source, this channel and all that leads join to it, by id
     */
    public function signalOf(Channel $source, string $at, array $channels, ElectricalState $state): SpeedSignal;

    /**
     * Whether it counts the frequency of a generator.
     *
     * @param  array<array-key, Channel>  $channels  this channel and all that leads join to it, by id
     */
    public function hears(Injection $injection, string $at, array $channels, ElectricalState $state): bool;
}
