<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Module\Listening;
use Lernfall\Module\SpeedInput;
use Lernfall\Module\SpeedSignal;
use Lernfall\Module\SwitchedSignal;
use Lernfall\Signal\Teeth;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Port;

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
        $disturbance = $channel->wheelEnd->ring->damage->loose
            ? INF // it slips under torque
            : Listening::at($channel)->disturbance($channel->id, [$channel->id => $channel], $this->car->electrical());

        return $this->of($channel, $deviation, '', $disturbance);
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
            $this->car->modulePowered() && $this->car->vehicle->channel($at)->moduleEnd->port !== Port::Deaf ? $this->speedSignal($channel, $at) : SwitchedSignal::none(),
            Teeth::of($channel),
            1.0 + $this->car->vehicle->module->monitors->thresholdSpread * $deviation,
            $disturbance,
        );
    }

    /**
     * Whether the module counts what an untwisted pair picks up from the running engine, at a wheel that stands.
     *
     * @param  float  $deviation  of this module's threshold, in standard deviations
     */
    public function hearsEngine(Channel $channel, float $deviation): bool
    {
        return $this->car->state->key->isRunning() && $this->car->modulePowered() && $channel->moduleEnd->port !== Port::Deaf
            && Listening::at($channel)->disturbance($channel->id, $this->car->channels([$channel->id]), $this->car->electrical()) > 1.0 + $this->car->vehicle->module->monitors->thresholdSpread * $deviation;
    }

    /** Whether the module hears a generator instead of a sensor here, and counts its frequency. */
    public function isInjected(string $channelId): bool
    {
        $injection = $this->car->state->connections->injection;
        $channels = $this->car->channels([$channelId]);
        $channel = $channels[$channelId];

        return $injection !== null && isset($channels[$injection->channel]) && $this->car->modulePowered() && $channel->moduleEnd->port !== Port::Deaf
            && Listening::at($channel)->hears($injection, $channelId, $channels, $this->car->electrical());
    }

    /** What the sensor of a channel gives the module at the pins of another or of the same one. */
    private function speedSignal(Channel $channel, string $at): SpeedSignal
    {
        $channels = [$channel->id => $channel] + $this->car->channels([$at]);

        return Listening::at($channels[$at])->signalOf($channel, $at, $channels, $this->car->electrical());
    }
}
