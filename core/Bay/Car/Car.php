<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Chance\Deviations;
use Lernfall\Chance\Draw;
use Lernfall\Chance\DrawnDeviations;
use Lernfall\Chance\NoDeviations;
use Lernfall\Chance\OpenDeviations;
use Lernfall\Chance\ShiftedDeviations;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Module\FreezeFrame;
use Lernfall\Module\Memory;
use Lernfall\Signal\Switching;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\UnitWiring;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/**
 * A car in the bay: the vehicle as it is now, the parts it could be given, its deviations and its state.
 *
 * A true car has drawn deviations; a hypothesis car leaves them open.
 */
final readonly class Car
{
    private function __construct(
        public Vehicle $vehicle,
        public Vehicle $sound,
        public Deviations $deviations,
        public CarState $state,
        public Vehicle $arrived,
    ) {
    }

    /** The one car an apprentice works on; the seed fixes every deviation of its parts. */
    public static function true(Vehicle $vehicle, Vehicle $sound, string $seed): self
    {
        return self::parked($vehicle, $sound, new DrawnDeviations($seed));
    }

    /** The same with every part as drawn up. */
    public static function ideal(Vehicle $vehicle, Vehicle $sound, string $seed): self
    {
        return self::parked($vehicle, $sound, new NoDeviations(new Draw($seed)));
    }

    /** A car that could be standing there instead. */
    public static function hypothesis(Vehicle $vehicle, Vehicle $sound): self
    {
        return self::parked($vehicle, $sound, new OpenDeviations);
    }

    private static function parked(Vehicle $vehicle, Vehicle $sound, Deviations $deviations): self
    {
        $clean = $vehicle->withLeftCodes([]);

        return new self($clean, $sound, $deviations, CarState::parked(self::left($vehicle)), $clean);
    }

    /** The same car, which comes into the bay as it is now. */
    public function arriving(): self
    {
        return new self($this->vehicle, $this->sound, $this->deviations, $this->state, $this->vehicle);
    }

    /** What earlier work has left: an open plug with the key on, or wheels spun on the lift with the engine running. */
    private static function left(Vehicle $vehicle): Memory
    {
        return Memory::left(
            $vehicle->leftCodes,
            FreezeFrame::atRest($vehicle->power->supply->batteryVolts),
            new FreezeFrame($vehicle->module->monitors->missing->missingAboveMetresPerSecond, 'straight', $vehicle->power->supply->chargingVolts),
        );
    }

    /** Whether it is the same car in the same state. */
    public function standsLike(self $other): bool
    {
        return $this->vehicle === $other->vehicle && $this->sound === $other->sound && $this->deviations === $other->deviations && $this->state == $other->state;
    }

    public function isHypothesis(): bool
    {
        return $this->deviations->isOpen();
    }

    /** Whether what is worked out for one of its channels holds for every such car with the very same channel. */
    public function isTypical(): bool
    {
        return $this->deviations->areTypical();
    }

    public function in(CarState $state): self
    {
        return new self($this->vehicle, $this->sound, $this->deviations, $state, $this->arrived);
    }

    public function withVehicle(Vehicle $vehicle): self
    {
        return new self($vehicle, $this->sound, $this->deviations, $this->state, $this->arrived);
    }

    /** Whether parts have changed places, are exchanged for others on trial, taped round, or joined by leads: what shows then is the answer to a test. */
    public function isRearranged(): bool
    {
        $places = $this->state->places;

        return ! $places->removed->isEmpty() || $this->state->connections->isConnected()
            || array_filter($this->vehicle->channels, static fn (Channel $one): bool => $places->sensorOf($one->id) !== $one->id || $one->has('loom') && $one->cable('loom')->taped) !== [];
    }

    /** The same car with all its own parts back in their places. */
    public function own(): self
    {
        return $this->state->places->removed->isEmpty() ? $this : new self(
            Memo::with($this->vehicle, 'own but for '.implode(' ', $this->state->places->removed->names()), fn (): Vehicle => $this->state->places->removed->allReturned($this->vehicle)),
            $this->sound, $this->deviations, $this->state->withRemoved(RemovedParts::none()), $this->arrived,
        );
    }

    /** The same car with one deviation this many standard deviations further out. */
    public function shifted(string $deviation, float $by = 1.0): self
    {
        return new self($this->vehicle, $this->sound, new ShiftedDeviations($this->deviations, $deviation, $by), $this->state, $this->arrived);
    }

    /** The channel as it really is: nominal parts, faults, and this car's deviations. */
    public function channel(string $id): Channel
    {
        $channel = $this->vehicle->channel($id);
        if ($channel->acting === null) {
            return $this->deviating($channel);
        }

        return $this->deviating($this->acts($channel->acting->provocation, $id) ? $channel->acting->channel : Memo::with($channel, 'dormant', $channel->dormant(...)));
    }

    /** Whether what is provoked in this way shows now: it is being provoked, or the part is as hot as it has to be. */
    private function acts(Provocation $provocation, string $channel): bool
    {
        return $this->state->connections->provoked?->reaches($provocation, $channel) === true
            || $provocation === Provocation::Heat && $this->state->lasting->warmth->of($channel) >= $this->vehicle->climate->hotKelvin();
    }

    /**
     * These channels as they really are, with all that leads join to them.
     *
     * @param  list<string>  $ids  "" for what is at no channel is passed over
     * @return array<string, Channel> by id
     */
    public function channels(array $ids): array
    {
        $channels = [];
        foreach ($this->state->connections->joinedTo(array_values(array_filter($ids, static fn (string $one): bool => $one !== ''))) as $id) {
            $channels[$id] = $this->channel($id);
        }

        return $channels;
    }

    /** The channel as it is while something provokes it; null where nothing does. */
    public function actingChannel(string $id): ?Channel
    {
        $acting = $this->vehicle->channel($id)->acting;

        return $acting === null ? null : $this->deviating($acting->channel);
    }

    private function deviating(Channel $channel): Channel
    {
        $shift = $this->gapShiftMetres($channel);

        return $this->deviations->areTypical()
            ? Memo::with($channel, "open deviations at $shift", fn (): Channel => $this->withDeviations($channel, $shift))
            : $this->withDeviations($channel, $shift);
    }

    private function withDeviations(Channel $channel, float $gapShiftMetres): Channel
    {
        $id = $channel->id;
        $tolerances = $this->vehicle->model->tolerances;
        $sensor = $this->state->sensorOf($id);

        return $channel
            ->withSensor($channel->sensor->scaled(
                1.0 + $tolerances->sensor * $this->deviations->standard($this->deviation("$sensor.coil.resistance")),
                (1.0 + $tolerances->signal * $this->deviations->standard($this->deviation("$sensor.sensor.signal"))) * (1.0 - $channel->wheelEnd->tipDust),
            ))
            ->withGap($channel->wheelEnd->gapMetres * (1.0 + $tolerances->gap * $this->deviations->standard($this->deviation("$id.gap"))) + $gapShiftMetres);
    }

    /** Warm parts grow, and at full lock the bearing gives, the more the more play it has. */
    private function gapShiftMetres(Channel $channel): float
    {
        $shift = $this->vehicle->model->gapShift;
        $atLock = in_array($this->state->connections->provoked?->how, [Provocation::SteeringLeft, Provocation::SteeringRight], true) && $channel->place->axle === 'front';

        return $shift->metresPerKelvin * $this->state->lasting->warmth->of($channel->id) + ($atLock ? $shift->atLockMetres + $channel->wheelEnd->bearingPlayMetres / 2.0 : 0.0);
    }

    /** The name of a deviation, told apart by how often the part has been renewed. */
    public function deviation(string $name): string
    {
        $times = $this->state->record->renewed[$name] ?? 0;

        return $times === 0 ? $name : "$name#$times";
    }

    /** @return list<string> what can make the readings of two sound channels of this kind differ; levels know no gap */
    public function deviationsOf(string $channelId): array
    {
        $names = [$this->coilDeviationOf($channelId)];
        if (! Switching::isActive($this->vehicle->channel($channelId))) {
            $names[] = $this->deviation("{$this->state->sensorOf($channelId)}.sensor.signal");
            $names[] = $this->deviation("$channelId.gap");
        }

        return $names;
    }

    /** What can make the resistance of two sound sensors differ. */
    public function coilDeviationOf(string $channelId): string
    {
        return $this->deviation("{$this->state->sensorOf($channelId)}.coil.resistance");
    }

    /** The wires of the hydraulic unit as they really are: this car's windings deviate. */
    public function unitWiring(): UnitWiring
    {
        $wiring = $this->vehicle->unit()->wiring;
        foreach ($wiring->coils as $valve => $coil) {
            $away = $this->deviations->standard($this->windingDeviation($valve));
            $wiring = $away === 0.0 ? $wiring : $wiring->withCoil($valve, $coil->withOhms($coil->ohms * (1.0 + $this->vehicle->model->tolerances->sensor * $away)));
        }

        return $wiring;
    }

    /** What can make the resistance of a valve's winding differ between two sound units. */
    public function windingDeviation(string $valve): string
    {
        return $this->deviation("unit.$valve.winding");
    }

    /** Whether the module has pulled the relay of its valves: with the key on, as long as it has found nothing. */
    public function feedsValves(): bool
    {
        return $this->modulePowered() && ! $this->state->memory->asksForLamp() && $this->vehicle->brakeParts->isClosed(BrakeParts::LEVEL_SWITCH, false);
    }

    public function electrical(): ElectricalState
    {
        return $this->state->electrical($this->vehicle);
    }

    public function modulePowered(): bool
    {
        return $this->electrical()->moduleOn && ! $this->state->isOpen($this->vehicle->module->plugId);
    }
}
