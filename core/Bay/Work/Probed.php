<?php

declare(strict_types=1);

namespace Lernfall\Bay\Work;

use Lernfall\Bay\Car;
use Lernfall\Circuit\Probe;
use Lernfall\Circuit\ProbedResistance;
use Lernfall\Signal\PassiveSignal;
use Lernfall\Signal\Switching;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\PassiveSensor;

/** Two leads on two pads of a car, standing or with one wheel turning. */
final readonly class Probed
{
    /** @var array<string, Channel> as they really are */
    private array $channels;

    /** @param  array<string, bool>  $teeth  by active channel at rest: whether a tooth is in front of its sensor */
    public function __construct(private Car $car, private Pad $first, private Pad $second, private array $teeth)
    {
        $channels = [];
        foreach (array_unique([$first->channel, $second->channel]) as $id) {
            if ($id !== '') {
                $channels[$id] = $car->channel($id);
            }
        }
        $this->channels = $channels;
    }

    /** What a meter takes for the standing part: the mean over time. */
    public function meanVolts(float $meterOhms): float
    {
        [$lower, $upper] = $this->levels($meterOhms);

        return ($lower + $upper) / 2.0;
    }

    /**
     * Root mean square of the part that alternates: for a coil by the shape of its signal, for an active sensor, whose
     * teeth are as wide as its gaps, half the step between its levels.
     */
    public function alternatingRmsVolts(float $meterOhms): float
    {
        $turning = $this->turning();
        if ($turning?->sensor instanceof PassiveSensor) {
            $signal = PassiveSignal::of($turning->sensor, $turning->ring, $turning->gapMetres, $this->car->state->turnsPerSecond);

            return $signal->rmsVolts() * abs($this->probe(false)->voltsPerEmf($meterOhms, $turning->id));
        }
        [$lower, $upper] = $this->levels($meterOhms);

        return abs($upper - $lower) / 2.0;
    }

    public function resistance(): ProbedResistance
    {
        return $this->probe(false)->resistance();
    }

    /** @return array{float, float} volts without and with a tooth in front of the turning wheel's sensor; the same where it makes no difference */
    private function levels(float $meterOhms): array
    {
        $without = $this->probe(false)->standingVolts($meterOhms);
        $turning = $this->turning();

        return $turning !== null && Switching::follows($turning) ? [$without, $this->probe(true)->standingVolts($meterOhms)] : [$without, $without];
    }

    private function turning(): ?Channel
    {
        return $this->channels[$this->car->state->turningChannel] ?? null;
    }

    private function probe(bool $toothAtTurning): Probe
    {
        $teeth = [];
        foreach ($this->channels as $id => $channel) {
            $teeth[$id] = Switching::level($channel, $id === $this->car->state->turningChannel ? $toothAtTurning : $this->teeth[$id] ?? false);
        }

        return Probe::between($this->first, $this->second, $this->car->vehicle, $this->channels, $teeth, $this->car->electrical());
    }
}
