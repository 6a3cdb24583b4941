<?php

declare(strict_types=1);

namespace Lernfall\Bay\Work;

use Lernfall\Bay\Car;
use Lernfall\Circuit\Probe;
use Lernfall\Circuit\ProbedResistance;
use Lernfall\Signal\PassiveSignal;
use Lernfall\Signal\Shape;
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
        $trace = $this->trace($meterOhms);

        return $trace->meanVolts();
    }

    /** Root mean square of the part that alternates, over whole turns. */
    public function alternatingRmsVolts(float $meterOhms): float
    {
        return $this->trace($meterOhms)->alternatingRmsVolts();
    }

    /** The frequency a counter finds, which needs this much alternating voltage to see anything. */
    public function hertz(float $meterOhms, float $leastVolts): float
    {
        $trace = $this->trace($meterOhms);

        return $trace->alternatingRmsVolts() >= $leastVolts ? $trace->countedHertz() : 0.0;
    }

    /** The voltage between the leads over time: one or two solutions of the circuit serve all of it. */
    public function trace(float $meterOhms): Trace
    {
        $resting = $this->probe(false);
        $turning = $this->turning();
        if ($turning === null) {
            return Trace::standing($resting->standingVolts($meterOhms));
        }
        $shape = Shape::of($turning, $this->car->state->turnsPerSecond);
        if ($turning->sensor instanceof PassiveSensor) {
            $peak = PassiveSignal::peakVolts($turning->sensor, $turning->ring, $turning->gapMetres, $this->car->state->turnsPerSecond);

            return new Trace($resting->standingVolts($meterOhms), $peak * $resting->voltsPerEmf($meterOhms, $turning->id), $shape);
        }
        $without = $resting->standingVolts($meterOhms);

        return Switching::follows($turning)
            ? new Trace($without, $this->probe(true)->standingVolts($meterOhms) - $without, $shape)
            : Trace::standing($without);
    }

    public function resistance(): ProbedResistance
    {
        return $this->probe(false)->resistance();
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
