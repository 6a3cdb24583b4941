<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\FeedElement;
use Lernfall\Module\Memory;
use Lernfall\Vehicle\Supply;
use Lernfall\Vehicle\Vehicle;

/** Everything about a car that a person at work changes, parts left aside. */
final readonly class CarState
{
    /**
     * @param  list<string>  $openPlugs
     * @param  string  $turningChannel  the channel whose wheel a helper turns, or ""
     * @param  float  $hubRiseKelvin  how much warmer than the surroundings the hubs are
     * @param  array<string, int>  $renewed  how often a part has been renewed, by deviation name
     * @param  array<string, int>  $asked  how often a question has been put to an instrument
     * @param  array<string, bool>  $settled  outcomes that a hypothesis car has been given
     * @param  list<string>  $supplied  channels the module has switched its supply to
     * @param  int  $wheelMoves  how often wheels have come to rest somewhere else
     * @param  ModuleSession  $service  how the module is being spoken to
     * @param  array<string, string>  $movedSensors  by channel: the channel its sensor was built for
     * @param  RemovedParts  $laidAside  parts of the car's own in whose place others are tried
     */
    private function __construct(
        public Ignition $ignition,
        public int $keyCycles,
        public array $openPlugs,
        public LiftState $footing,
        public string $turningChannel,
        public float $turnsPerSecond,
        public float $hubRiseKelvin,
        public Memory $memory,
        public array $renewed,
        public array $asked,
        public array $settled,
        public array $supplied,
        public int $wheelMoves,
        public Connections $hookup,
        public ModuleSession $service,
        private array $movedSensors,
        public RemovedParts $laidAside,
    ) {
    }

    public static function parked(Memory $memory): self
    {
        return new self(Ignition::Off, 0, [], LiftState::onTheFloor(), '', 0.0, 0.0, $memory, [], [], [], [], 0, Connections::none(), ModuleSession::none(), [], RemovedParts::nothing());
    }

    public function keyAt(Ignition $ignition): self
    {
        $cycle = $this->ignition === Ignition::Off && $ignition !== Ignition::Off ? 1 : 0;

        return $this->but(
            ignition: $ignition,
            keyCycles: $this->keyCycles + $cycle,
            supplied: $ignition === Ignition::Off ? [] : $this->supplied,
            service: $ignition === Ignition::Off ? $this->service->keyTurnedOff() : $this->service,
            memory: $cycle === 1 ? $this->memory->inNewCycle() : $this->memory,
        );
    }

    public function isPowered(): bool
    {
        return $this->ignition !== Ignition::Off;
    }

    public function isOpen(string $plugId): bool
    {
        return in_array($plugId, $this->openPlugs, true);
    }

    public function plugOpened(string $plugId): self
    {
        $plugs = array_values(array_unique([...$this->openPlugs, $plugId]));
        sort($plugs);

        return $this->but(openPlugs: $plugs);
    }

    public function plugJoined(string $plugId): self
    {
        return $this->but(openPlugs: array_values(array_diff($this->openPlugs, [$plugId])), hookup: $this->hookup->joined($plugId));
    }

    /** A car that comes down stops turning its wheels. */
    public function standing(LiftState $footing): self
    {
        return $footing->isSecured()
            ? $this->but(footing: $footing)
            : $this->but(footing: $footing, turningChannel: '', turnsPerSecond: 0.0);
    }

    /** @param  float  $turnsPerSecond  below zero backwards */
    public function turning(string $channel, float $turnsPerSecond): self
    {
        return $turnsPerSecond !== 0.0
            ? $this->but(turningChannel: $channel, turnsPerSecond: $turnsPerSecond)
            : $this->but(turningChannel: '', turnsPerSecond: 0.0, wheelMoves: $this->wheelMoves + 1);
    }

    /** @param  list<string>  $channels */
    public function supplying(array $channels): self
    {
        return $this->but(supplied: $channels);
    }

    public function provokedBy(?Provoked $provoked): self
    {
        return $this->but(hookup: $this->hookup->provoking($provoked));
    }

    /** The channel for which the sensor now at this one was built. */
    public function sensorOf(string $channel): string
    {
        return $this->movedSensors[$channel] ?? $channel;
    }

    /** The sensors of two channels have changed places. */
    public function sensorsExchanged(string $one, string $other): self
    {
        return $this->but(movedSensors: [$one => $this->sensorOf($other), $other => $this->sensorOf($one)] + $this->movedSensors);
    }

    public function layingAside(RemovedParts $laidAside): self
    {
        return $this->but(laidAside: $laidAside);
    }

    public function hookedUp(Connections $hookup): self
    {
        return $this->but(hookup: $hookup);
    }

    public function served(ModuleSession $service): self
    {
        return $this->but(service: $service);
    }

    /** The wheels have rolled and stand somewhere else now. */
    public function rolled(): self
    {
        return $this->but(wheelMoves: $this->wheelMoves + 1);
    }

    public function remembering(Memory $memory): self
    {
        return $this->but(memory: $memory);
    }

    public function warmedBy(float $kelvin): self
    {
        return $this->but(hubRiseKelvin: max($this->hubRiseKelvin, $kelvin));
    }

    /**
     * Hubs cool exponentially (Newton's law of cooling).
     *
     * @param  float  $halfLifeMinutes  the time in which half the excess is gone
     */
    public function cooled(float $minutes, float $halfLifeMinutes): self
    {
        return $this->hubRiseKelvin === 0.0
            ? $this
            : $this->but(hubRiseKelvin: $this->hubRiseKelvin * 0.5 ** ($minutes / $halfLifeMinutes));
    }

    public function withRenewed(string ...$deviations): self
    {
        $renewed = $this->renewed;
        foreach ($deviations as $name) {
            $renewed[$name] = ($renewed[$name] ?? 0) + 1;
        }

        return $this->but(renewed: $renewed);
    }

    /** The parts that were there before are back, and deviate as they did. */
    public function withOwnAgain(string ...$deviations): self
    {
        $renewed = $this->renewed;
        foreach ($deviations as $name) {
            $renewed[$name] = ($renewed[$name] ?? 1) - 1;
        }

        return $this->but(renewed: array_filter($renewed));
    }

    public function withAsked(string $question): self
    {
        return $this->but(asked: [$question => ($this->asked[$question] ?? 0) + 1] + $this->asked);
    }

    /** @param  array<string, bool>  $outcomes */
    public function withSettled(array $outcomes): self
    {
        return $outcomes === [] ? $this : $this->but(settled: $outcomes + $this->settled);
    }

    /**
     * Tells two states apart, as far as they matter for one channel or for the car as a whole.
     *
     * @param  string  $channel  its memory and what has been settled elsewhere do not matter; "" for the whole car
     */
    public function text(string $channel = ''): string
    {
        $here = static fn (string $name): bool => $channel === '' || str_contains($name, $channel);
        $settled = array_filter($this->settled, $here, ARRAY_FILTER_USE_KEY);
        ksort($settled);

        return implode(' ', [
            $this->ignition->value, ...$this->openPlugs, (int) $this->footing->chocked, (int) $this->footing->raised, (int) $this->footing->onStands,
            $this->turningChannel, $this->turnsPerSecond, $this->hubRiseKelvin, json_encode(array_filter($this->renewed, $here, ARRAY_FILTER_USE_KEY)),
            json_encode($settled), implode(',', array_filter($this->supplied, $here)), $this->wheelMoves, serialize($this->hookup),
            json_encode($this->movedSensors), implode(',', $this->laidAside->names()), $channel === '' ? serialize($this->service).$this->memory->text() : '',
        ]);
    }

    public function electrical(Vehicle $vehicle): ElectricalState
    {
        $outside = new ElectricalState(
            false,
            $this->systemVolts($vehicle->supply),
            $this->openPlugs,
            $vehicle->ambientCelsius + $this->hubRiseKelvin,
            $this->supplied,
            $this->hookup->injection,
            $this->hookup->jumpers,
            $this->hookup->bench,
            $vehicle->supply->internalOhms,
        );
        $moduleVolts = FeedElement::moduleVolts($vehicle->feed, $outside);

        return $outside->feeding($this->isPowered() && ! $vehicle->module->dead && $moduleVolts >= $vehicle->feed->leastVolts, $moduleVolts);
    }

    private function systemVolts(Supply $supply): float
    {
        return $this->ignition === Ignition::Running ? $supply->chargingVolts : $supply->batteryVolts;
    }

    /**
     * @param  ?list<string>  $openPlugs
     * @param  ?array<string, int>  $renewed
     * @param  ?array<string, int>  $asked
     * @param  ?array<string, bool>  $settled
     * @param  ?list<string>  $supplied
     * @param  ?array<string, string>  $movedSensors
     */
    private function but(
        ?Ignition $ignition = null,
        ?int $keyCycles = null,
        ?array $openPlugs = null,
        ?LiftState $footing = null,
        ?string $turningChannel = null,
        ?float $turnsPerSecond = null,
        ?float $hubRiseKelvin = null,
        ?Memory $memory = null,
        ?array $renewed = null,
        ?array $asked = null,
        ?array $settled = null,
        ?array $supplied = null,
        ?int $wheelMoves = null,
        ?Connections $hookup = null,
        ?ModuleSession $service = null,
        ?array $movedSensors = null,
        ?RemovedParts $laidAside = null,
    ): self {
        return new self(
            $ignition ?? $this->ignition,
            $keyCycles ?? $this->keyCycles,
            $openPlugs ?? $this->openPlugs,
            $footing ?? $this->footing,
            $turningChannel ?? $this->turningChannel,
            $turnsPerSecond ?? $this->turnsPerSecond,
            $hubRiseKelvin ?? $this->hubRiseKelvin,
            $memory ?? $this->memory,
            $renewed ?? $this->renewed,
            $asked ?? $this->asked,
            $settled ?? $this->settled,
            $supplied ?? $this->supplied,
            $wheelMoves ?? $this->wheelMoves,
            $hookup ?? $this->hookup,
            $service ?? $this->service,
            $movedSensors ?? $this->movedSensors,
            $laidAside ?? $this->laidAside,
        );
    }
}
