<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/**
 * Valves, pump, relays, switches, fluid and lamps by their state.
 *
 * Assumed: each is sound or wrong in one plain way; valves of a corner work as a pair. Currents and pressures are not computed.
 */
final readonly class BrakeParts
{
    public const PUMP = 'pump';

    public const PUMP_RELAY = 'pump-relay';

    public const VALVE_RELAY = 'valve-relay';

    public const STOP_LAMP_SWITCH = 'stop-lamp-switch';

    public const PARKING_BRAKE_SWITCH = 'parking-brake-switch';

    /** Of the hydraulic unit's own reservoir. */
    public const LEVEL_SWITCH = 'level-switch';

    public const FLUID = 'fluid';

    /** @param  array<string, PartState>  $states by part */
    private function __construct(private array $states)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @param  list<string>  $parts  all of them sound */
    public static function sound(array $parts): self
    {
        return new self(array_fill_keys($parts, PartState::Sound));
    }

    /** The valves of a channel. */
    public static function valves(string $channel): string
    {
        return "valves.$channel";
    }

    public static function lamp(string $lamp): string
    {
        return "lamp.$lamp";
    }

    public function has(string $part): bool
    {
        return isset($this->states[$part]);
    }

    /** A part the vehicle does not have is never wrong. */
    public function state(string $part): PartState
    {
        return $this->states[$part] ?? PartState::Sound;
    }

    public function isSound(string ...$parts): bool
    {
        return array_filter($parts, fn (string $part): bool => $this->state($part) !== PartState::Sound) === [];
    }

    public function with(string $part, PartState $state): self
    {
        return new self([$part => $state] + $this->states);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_keys($this->states);
    }
}
