<?php

declare(strict_types=1);

namespace Lernfall\Sensor;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Injection;
use Lernfall\Circuit\ModuleInput;
use Lernfall\Module\SpeedListening;
use Lernfall\Module\SwitchedSignal;
use Lernfall\Vehicle\Channel;

/**
 * What inputs for active sensors have in common: they compare two levels with a threshold. An untwisted pair does not
 * trouble them: the sensor's current does not follow the voltage over it, and a signal wire of its own lies outside the loop.
 */
abstract readonly class SwitchingInput implements SpeedListening
{
    /** In what the input senses: amperes or volts. */
    abstract protected function threshold(): float;

    public function loading(float $acrossOhms): static
    {
        return $this;
    }

    public function disturbance(string $at, array $channels, ElectricalState $state): float
    {
        return 0.0;
    }

    public function signalOf(Channel $source, string $at, array $channels, ElectricalState $state): SwitchedSignal
    {
        if (! $source->sensor->follows($source->wheelEnd->gapMetres)) {
            return SwitchedSignal::none();
        }
        $levels = [];
        for ($one = 0; $one < $source->sensor->states(); $one++) {
            $levels[] = ModuleInput::at($at, $channels, $state, $one === 0 ? [] : [$source->id => $one])->sensed;
        }

        return $levels === [] ? SwitchedSignal::none() : new SwitchedSignal(min($levels), max($levels), $this->threshold());
    }

    public function hears(Injection $injection, string $at, array $channels, ElectricalState $state): bool
    {
        $levels = [
            ModuleInput::at($at, $channels, $state, injects: $injection->lowestLevel())->sensed,
            ModuleInput::at($at, $channels, $state, injects: 1.0)->sensed,
        ];

        return min($levels) < $this->threshold() && max($levels) > $this->threshold();
    }
}
