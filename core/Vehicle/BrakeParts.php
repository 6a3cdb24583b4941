<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Vehicle\Brakes\BrakeUnit;
use Lernfall\Vehicle\Brakes\SwitchWiring;

/**
 * The parts of the brakes a car has, with its hydraulic unit as it is: valves, pump, relays and their wires are there. Switches, fluid and lamps
 * are sound, or wrong in one plain way.
 */
final readonly class BrakeParts
{
    public const PUMP = 'pump';

    public const PUMP_RELAY = 'pump-relay';

    public const VALVE_RELAY = 'valve-relay';

    /** With which a circuit brakes without the pedal. */
    public const TRACTION_VALVES = 'traction-valves';

    public const STOP_LAMP_SWITCH = 'stop-lamp-switch';

    public const PARKING_BRAKE_SWITCH = 'parking-brake-switch';

    /** Of the hydraulic unit's own reservoir. */
    public const LEVEL_SWITCH = 'level-switch';

    /** Opens while the brakes are too hot for traction control. */
    public const TEMPERATURE_SWITCH = 'temperature-switch';

    public const FLUID = 'fluid';

    /** Every switch there can be, and whether it is closed while nobody works it. */
    private const SWITCHES = [self::STOP_LAMP_SWITCH => false, self::PARKING_BRAKE_SWITCH => false, self::LEVEL_SWITCH => true, self::TEMPERATURE_SWITCH => true];

    /**
     * @param  array<string, PartState>  $states  by part; those of the hydraulic unit are as the unit is
     * @param  ?BrakeUnit  $unit  null where the car has no valves
     */
    private function __construct(private array $states, public ?BrakeUnit $unit = null, public SwitchWiring $wiring = new SwitchWiring)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @param  list<string>  $parts  all of them sound */
    public static function sound(array $parts, ?BrakeUnit $unit = null, SwitchWiring $wiring = new SwitchWiring): self
    {
        return new self(array_fill_keys($parts, PartState::Sound), $unit, $wiring);
    }

    /** The valves of a channel. */
    public static function valves(string $channel): string
    {
        return "valves.$channel";
    }

    /** Whose valves these are. */
    public static function channelOf(string $valves): string
    {
        return substr($valves, strlen('valves.'));
    }

    /**
     * @param  list<string>  $parts
     * @return list<string> the channels whose valves are among them
     */
    public static function channelsOf(array $parts): array
    {
        return array_map(self::channelOf(...), array_values(array_filter($parts, static fn (string $part): bool => str_starts_with($part, 'valves.'))));
    }

    /** Tells two states of switches, fluid and lamps apart. */
    public function text(): string
    {
        return implode(' ', array_map(static fn (string $part, PartState $state): string => "$part:$state->value", array_keys($this->states), $this->states));
    }

    /** @return list<string> the switches it has */
    public function switches(): array
    {
        return array_values(array_filter(array_keys(self::SWITCHES), $this->has(...)));
    }

    /** Whether the contact of a switch is closed; one the car does not have never differs. */
    public function isClosed(string $switch, bool $isWorked): bool
    {
        return match ($this->state($switch)) {
            PartState::Open => false,
            PartState::Closed => true,
            default => self::SWITCHES[$switch] !== $isWorked,
        };
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
        return new self([$part => $state] + $this->states, $this->unit, $this->wiring);
    }

    public function withUnit(BrakeUnit $unit): self
    {
        return new self($this->states, $unit, $this->wiring);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_keys($this->states);
    }
}
