<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Circuit\ModuleInput;
use Lernfall\Module\Disturbance;
use Lernfall\Module\RisingSignal;
use Lernfall\Module\SpeedInput;
use Lernfall\Module\SpeedSignal;
use Lernfall\Module\SwitchedSignal;
use Lernfall\Signal\PassiveSignal;
use Lernfall\Signal\Switching;
use Lernfall\Signal\Teeth;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\CurrentInput;
use Lernfall\Vehicle\PassiveInput;
use Lernfall\Vehicle\PassiveSensor;
use Lernfall\Vehicle\Port;
use Lernfall\Vehicle\SwitchInput;

/** What the module of a car hears at its pins: its own sensors, one that leads bring there, or a generator. */
final readonly class SpeedReception
{
    public function __construct(private Car $car)
    {
    }

    /**
     * On the road: its wheel pulls and the engine runs.
     *
     * @param  float  $deviation  of this module's threshold, in standard deviations
     */
    public function whileDriving(Channel $channel, float $deviation): SpeedInput
    {
        return $this->of($channel, $deviation, '', Disturbance::onTheRoad($channel));
    }

    /**
     * @param  float  $deviation  of this module's threshold, in standard deviations
     * @param  string  $at  the channel at whose pins the module listens, where leads bring this sensor there; "" for its own
     * @param  float  $disturbance  peak against the nominal threshold
     */
    public function of(Channel $channel, float $deviation, string $at = '', float $disturbance = 0.0): SpeedInput
    {
        $at = $at === '' ? $channel->id : $at;

        return new SpeedInput(
            $this->car->modulePowered() && $this->car->vehicle->channel($at)->port !== Port::Deaf ? $this->speedSignal($channel, $at) : SwitchedSignal::none(),
            Teeth::of($channel),
            1.0 + $this->car->vehicle->module->monitors->thresholdSpread * $deviation,
            $disturbance,
        );
    }

    /** Whether the module hears a generator instead of a sensor here, and counts its frequency. */
    public function isInjected(string $channelId): bool
    {
        $injection = $this->car->state->connections->injection;
        $channels = $this->car->channels([$channelId]);
        $channel = $channels[$channelId];
        if ($injection === null || ! isset($channels[$injection->channel]) || ! $this->car->modulePowered() || $channel->port === Port::Deaf) {
            return false;
        }
        $input = $channel->input;
        if ($input instanceof PassiveInput) {
            return $injection->shape === 'sine'
                && $injection->amplitude * ModuleInput::voltsPerEmf($channelId, $channels, $this->car->electrical(), $injection->excitation()) >= $input->thresholdPeakVolts;
        }
        $levels = [
            ModuleInput::at($channelId, $channels, $this->car->electrical())->sensed,
            ModuleInput::at($channelId, $channels, $this->car->electrical(), injectsUpper: true)->sensed,
        ];
        $threshold = $this->threshold($channel);

        return min($levels) < $threshold && max($levels) > $threshold;
    }

    private function threshold(Channel $channel): float
    {
        return match (true) {
            $channel->input instanceof CurrentInput => $channel->input->thresholdAmperes,
            $channel->input instanceof SwitchInput => $channel->input->thresholdVolts,
            default => INF,
        };
    }

    /** What the sensor of a channel gives the module at the pins of another or of the same one. */
    private function speedSignal(Channel $channel, string $at): SpeedSignal
    {
        $channels = [$channel->id => $channel] + $this->car->channels([$at]);
        $listening = $channels[$at]->input;
        $state = $this->car->electrical();
        if ($listening instanceof PassiveInput) {
            $peak = $channel->sensor instanceof PassiveSensor
                ? PassiveSignal::peakVolts($channel->sensor, $channel->ring, $channel->gapMetres, 1.0)
                : 0.0;

            return new RisingSignal($peak * ModuleInput::voltsPerEmf($at, $channels, $state, $channel->id), $listening->thresholdPeakVolts);
        }
        if (! Switching::follows($channel)) {
            return SwitchedSignal::none();
        }
        $levels = [ModuleInput::at($at, $channels, $state)->sensed, ModuleInput::at($at, $channels, $state, [$channel->id => true])->sensed];

        return new SwitchedSignal(min($levels), max($levels), $this->threshold($channels[$at]));
    }
}
