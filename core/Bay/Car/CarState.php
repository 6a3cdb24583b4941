<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Circuit\Attached;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\FeedElement;
use Lernfall\Circuit\Temperatures;
use Lernfall\Module\Memory;
use Lernfall\Vehicle\Supply;
use Lernfall\Vehicle\Vehicle;

/** Everything about a car that a person at work changes, parts themselves left aside. */
final readonly class CarState
{
    private function __construct(
        public KeyState $key,
        public LiftState $lift,
        public WheelMotion $wheels,
        public PartPlaces $places,
        public Connections $connections,
        public ModuleSession $session,
        public Memory $memory,
        public Lasting $lasting,
        public CarRecord $record,
    ) {
    }

    public static function parked(Memory $memory): self
    {
        return new self(
            KeyState::off(), LiftState::onTheFloor(), WheelMotion::none(), PartPlaces::asBuilt(), Connections::none(), ModuleSession::none(), $memory, new Lasting(Warmth::none()), CarRecord::blank(),
        );
    }

    public function keyAt(Ignition $ignition): self
    {
        return $this->with(
            key: $this->key->at($ignition),
            session: $ignition === Ignition::Off ? $this->session->keyTurnedOff() : $this->session,
            memory: $this->key->beginsCycle($ignition) ? $this->memory->inNewCycle() : $this->memory,
            wheels: $this->wheels->underPower && $ignition !== Ignition::Running ? $this->wheels->stopped()->rolled() : null,
        );
    }

    public function isPowered(): bool
    {
        return $this->key->isOn();
    }

    public function isOpen(string $plugId): bool
    {
        return in_array($plugId, $this->places->openPlugs, true);
    }

    public function plugOpened(string $plugId): self
    {
        return $this->with(places: $this->places->opened($plugId));
    }

    public function plugJoined(string $plugId): self
    {
        return $this->with(places: $this->places->joined($plugId), connections: $this->connections->joined($plugId));
    }

    /** A car that comes down stops turning its wheels. */
    public function onLift(LiftState $lift): self
    {
        return $this->with(lift: $lift, wheels: $lift->isSecured() ? $this->wheels : $this->wheels->stopped());
    }

    /** @param  float  $turnsPerSecond  below zero backwards */
    public function turning(string $channel, float $turnsPerSecond): self
    {
        return $this->with(wheels: $this->wheels->turning($channel, $turnsPerSecond));
    }

    public function withWheels(WheelMotion $wheels): self
    {
        return $this->with(wheels: $wheels);
    }

    /** @param  list<string>  $channels */
    public function supplying(array $channels): self
    {
        return $this->with(key: $this->key->supplying($channels));
    }

    /**
     * The module has switched off what it feeds these channels with, until the key is turned on again.
     *
     * @param  list<string>  $channels
     */
    public function cutting(array $channels): self
    {
        return $channels === [] ? $this : $this->with(key: $this->key->cutting($channels));
    }

    public function provokedBy(?Provoked $provoked): self
    {
        return $this->with(
            connections: $this->connections->provoking($provoked),
            lasting: $provoked === null || $provoked->warms() === '' ? null : $this->lasting->withWarmth($this->lasting->warmth->warming($provoked->channel, $provoked->warmsByKelvin)),
        );
    }

    /** The channel for which the sensor now at this one was built. */
    public function sensorOf(string $channel): string
    {
        return $this->places->sensorOf($channel);
    }

    /** @param  list<string>  $channels */
    public function sensorsDrawn(array $channels): self
    {
        return $this->with(places: $this->places->sensorsDrawn($channels));
    }

    /** The sensors of two channels have changed places. */
    public function sensorsExchanged(string $one, string $other): self
    {
        return $this->with(places: $this->places->exchanged($one, $other));
    }

    public function withRemoved(RemovedParts $removed): self
    {
        return $this->with(places: $this->places->without($removed));
    }

    public function withConnections(Connections $connections): self
    {
        return $this->with(connections: $connections);
    }

    public function withSession(ModuleSession $session): self
    {
        return $this->with(session: $session);
    }

    /** The wheels have rolled and stand somewhere else now. */
    public function rolled(): self
    {
        return $this->with(wheels: $this->wheels->rolled());
    }

    public function remembering(Memory $memory): self
    {
        return $this->with(memory: $memory);
    }

    /** The car has been driven, and its hubs are this much warmer than the surroundings. */
    public function withHubsAt(float $riseKelvin): self
    {
        return $this->with(lasting: $this->lasting->withWarmth($this->lasting->warmth->hubsAt($riseKelvin)));
    }

    /** @param  float  $halfLifeMinutes  the time in which half the excess is gone */
    public function cooled(float $minutes, float $halfLifeMinutes): self
    {
        return $this->lasting->isCold() ? $this : $this->with(lasting: $this->lasting->cooled($minutes, $halfLifeMinutes, $this->connections->provoked?->warms() ?? ''));
    }

    /** Coils and pump of the hydraulic unit have been driven, by this share of what they bear. */
    public function strainedBy(float $share): self
    {
        return $this->with(lasting: $this->lasting->strainedBy($share));
    }

    /** @param  array<string, float>  $cubicCentimetres  by brake circuit */
    public function withAccumulated(array $cubicCentimetres): self
    {
        return $this->with(lasting: $this->lasting->withAccumulated($cubicCentimetres));
    }

    public function withRenewed(string ...$deviations): self
    {
        return $this->with(record: $this->record->withRenewed(...$deviations));
    }

    /** The parts that were there before are back, and deviate as they did. */
    public function withOwnAgain(string ...$deviations): self
    {
        return $this->with(record: $this->record->withOwnAgain(...$deviations));
    }

    public function withAsked(string $question, bool $isDrive): self
    {
        return $this->with(record: $this->record->withAsked($question, $isDrive));
    }

    /** @param  array<string, bool>  $outcomes */
    public function withSettled(array $outcomes): self
    {
        return $outcomes === [] ? $this : $this->with(record: $this->record->withSettled($outcomes));
    }

    /**
     * Tells two states apart, as far as they matter for one channel or for the car as a whole.
     *
     * @param  string  $channel  its memory and what has been settled elsewhere do not matter; "" for the whole car
     */
    public function text(string $channel = ''): string
    {
        return Memo::with($this, "text $channel", fn (): string => $this->written($channel));
    }

    private function written(string $channel): string
    {
        $here = static fn (string $name): bool => $channel === '' || str_contains($name, $channel);
        $settled = array_filter($this->record->settled, $here, ARRAY_FILTER_USE_KEY);
        ksort($settled);

        return implode(' ', [
            $this->key->position->value, ...$this->places->openPlugs, (int) $this->lift->chocked, (int) $this->lift->raised, (int) $this->lift->onStands,
            $this->wheels->text(), $this->lasting->warmth->hubRiseKelvin, json_encode(array_filter($this->lasting->warmth->warmed, $here, ARRAY_FILTER_USE_KEY)), json_encode(array_filter($this->record->renewed, $here, ARRAY_FILTER_USE_KEY)),
            json_encode($settled), implode(',', array_filter($this->key->supplied, $here)), implode(',', array_filter($this->key->cut, $here)), $this->wheels->rests, serialize($this->connections),
            json_encode($this->places->movedSensors), implode(',', $this->places->removed->names()), implode(',', array_filter($this->places->drawn, $here)), json_encode($this->lasting->accumulatedCubicCentimetres), (int) $this->lasting->mustRest(), $channel === '' ? serialize($this->session).$this->memory->text() : '',
        ]);
    }

    public function electrical(Vehicle $vehicle): ElectricalState
    {
        $outside = new ElectricalState(
            false,
            $this->systemVolts($vehicle->power->supply),
            $this->places->openPlugs,
            new Temperatures($vehicle->climate->ambientCelsius + $this->lasting->warmth->hubRiseKelvin, $this->lasting->warmth->warmed),
            $this->key->supplied,
            $this->key->cut,
            new Attached($this->connections->injection, $this->connections->leads(), $this->connections->bench),
            $vehicle->power->supply->internalOhms,
        );
        $moduleVolts = FeedElement::moduleVolts($vehicle->power->feed, $outside);

        return $outside->feeding($this->isPowered() && ! $vehicle->module->dead && $moduleVolts >= $vehicle->power->feed->leastVolts, $moduleVolts);
    }

    private function systemVolts(Supply $supply): float
    {
        return $this->key->isRunning() ? $supply->chargingVolts : $supply->batteryVolts;
    }

    private function with(
        ?KeyState $key = null,
        ?LiftState $lift = null,
        ?WheelMotion $wheels = null,
        ?PartPlaces $places = null,
        ?Connections $connections = null,
        ?ModuleSession $session = null,
        ?Memory $memory = null,
        ?Lasting $lasting = null,
        ?CarRecord $record = null,
    ): self {
        return new self(
            $key ?? $this->key,
            $lift ?? $this->lift,
            $wheels ?? $this->wheels,
            $places ?? $this->places,
            $connections ?? $this->connections,
            $session ?? $this->session,
            $memory ?? $this->memory,
            $lasting ?? $this->lasting,
            $record ?? $this->record,
        );
    }
}
