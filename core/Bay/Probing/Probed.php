<?php

declare(strict_types=1);

namespace Lernfall\Bay\Probing;

use Lernfall\Bay\Actuators\Meanwhile;
use Lernfall\Bay\Car\Car;
use Lernfall\Circuit\Awake;
use Lernfall\Circuit\LiveCircuit;
use Lernfall\Circuit\LoadedProbe;
use Lernfall\Circuit\Probe;
use Lernfall\Circuit\ProbedResistance;
use Lernfall\Module\Disturbance;
use Lernfall\Signal\Shape;
use Lernfall\Signal\Switching;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;

/** Two leads on two pads of a car: standing, with one wheel turning, or with a generator connected. */
final readonly class Probed
{
    /** @var array<string, Channel> as they really are */
    private array $channels;

    /**
     * @param  array<string, bool>  $teeth  by active channel at rest: whether a tooth is in front of its sensor
     * @param  Meanwhile  $meanwhile  what the terminal has the hydraulic unit do
     */
    public function __construct(private Car $car, private Pad $first, private Pad $second, private array $teeth, private Meanwhile $meanwhile = new Meanwhile)
    {
        $this->channels = $car->channels(self::channelsAt($car, $first, $second));
    }

    /**
     * The channels two leads can have to do with: their own, and the one the bench supply feeds where it is touched.
     *
     * @return list<string>
     */
    public static function channelsAt(Car $car, Pad $first, Pad $second): array
    {
        $bench = $first->isBench() || $second->isBench() ? $car->state->connections->bench?->channel : null;

        return $car->state->connections->joinedTo(array_values(array_filter(array_unique([$first->channel, $second->channel, $bench ?? '']), static fn (string $one): bool => $one !== '')));
    }

    /** What a meter takes for the standing part: the mean over time. */
    public function meanVolts(float $meterOhms): float
    {
        return $this->trace($meterOhms)->meanVolts();
    }

    /** Root mean square of the part that alternates, over whole turns. */
    public function alternatingRmsVolts(float $meterOhms): float
    {
        return $this->trace($meterOhms)->alternatingRmsVolts();
    }

    /** Mean of the part that alternates, its sign left aside, over whole turns. */
    public function rectifiedMeanVolts(float $meterOhms): float
    {
        return $this->trace($meterOhms)->rectifiedMeanVolts();
    }

    /** The frequency a counter finds, which needs this much alternating voltage to see anything. */
    public function hertz(float $meterOhms, float $leastVolts): float
    {
        $trace = $this->trace($meterOhms);

        return $trace->alternatingRmsVolts() >= $leastVolts ? $trace->countedHertz() : 0.0;
    }

    /** The voltage between the leads over time: a few solutions of the circuit serve all of it. */
    public function trace(float $meterOhms): Trace
    {
        $resting = $this->probe()->under($meterOhms);
        $trace = Trace::standing($resting->standingVolts());
        foreach ($this->channels as $channel) {
            $trace = $this->withSensor($trace, $channel, $resting, $meterOhms);
        }

        return $this->withPickUp($this->withInjection($trace, $resting, $meterOhms), $resting);
    }

    public function resistance(): ProbedResistance
    {
        return $this->probe()->resistance();
    }

    private function withSensor(Trace $trace, Channel $channel, LoadedProbe $resting, float $meterOhms): Trace
    {
        $turns = $this->car->state->wheels->turnsOf($channel->id);
        $sensor = $channel->sensor;
        if ($turns !== 0.0 && ! $sensor->isActive()) {
            $peak = $sensor->peakVolts($channel->wheelEnd->ring, $channel->wheelEnd->gapMetres, abs($turns));

            return $trace->swinging($peak * $resting->voltsPerEmf($channel->id), Shape::of($channel, $turns));
        }
        $life = $sensor->signOfLife();

        return match (true) {
            $turns !== 0.0 && Switching::follows($channel) => $trace->swinging($this->stepVolts($channel, $resting, $meterOhms), Shape::of($channel, $turns)),
            $life !== null => $trace->swinging($this->stepVolts($channel, $resting, $meterOhms), Shape::ofStandstill(...$life)),
            default => $trace,
        };
    }

    /** How far an active sensor moves the voltage from its first state to its last one. */
    private function stepVolts(Channel $channel, LoadedProbe $resting, float $meterOhms): float
    {
        return $this->probe([$channel->id => $channel->sensor->states() - 1])->under($meterOhms)->standingVolts() - $resting->standingVolts();
    }

    private function withInjection(Trace $trace, LoadedProbe $resting, float $meterOhms): Trace
    {
        $injection = $this->car->state->connections->injection;
        if ($injection === null || ! isset($this->channels[$injection->channel])) {
            return $trace;
        }
        $isSine = $injection->shape === 'sine';
        $swing = $isSine
            ? $injection->amplitude * $resting->voltsPerEmf($injection->excitation())
            : $this->probe([], 1.0)->under($meterOhms)->standingVolts() - $resting->standingVolts();

        return $trace->swinging($swing, Shape::even($injection->hertz, $isSine));
    }

    /** What untwisted cables pick up while the engine runs, wherever it is to be seen. */
    private function withPickUp(Trace $trace, LoadedProbe $resting): Trace
    {
        if (! $this->car->state->key->isRunning()) {
            return $trace;
        }
        foreach (array_keys($this->channels) as $id) {
            $trace = $trace->swinging(Disturbance::VOLTS_PER_METRE * $resting->voltsPerPickUp($id), Shape::even(Disturbance::HERTZ, true));
        }

        return $trace;
    }

    /** @param  array<string, int>  $levels  that differ from how everything rests, by channel */
    private function probe(array $levels = [], float $injects = 0.0): Probe
    {
        $resting = [];
        foreach ($this->channels as $id => $channel) {
            $resting[$id] = Switching::level($channel, $this->car->state->wheels->turnsOf($id) === 0.0 && ($this->teeth[$id] ?? false));
        }
        $state = $this->car->electrical();
        $circuit = LiveCircuit::of($this->channels, $state, Awake::ones($this->channels, $state, $levels + $resting), $injects)->withBattery($state);
        $vehicle = $this->car->vehicle;

        if ($this->first->isUnit() || $this->second->isUnit()) {
            $wiring = $this->car->unitWiring();
            $circuit = $circuit->withUnit($vehicle->brakeParts, $wiring, $state, $this->meanwhile->order($this->car, $wiring), $this->meanwhile->worked(), $vehicle->climate->ambientCelsius);
        }

        return Probe::between($this->first, $this->second, $this->first->isFeed() || $this->second->isFeed()
            ? $circuit->withFeed($vehicle->power->feed, $state, $this->car->state->isPowered(), ! $this->car->state->isOpen($vehicle->module->plugId))
            : $circuit);
    }
}
