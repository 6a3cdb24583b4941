<?php

declare(strict_types=1);

namespace Lernfall\Fault;

use Lernfall\Fault\Kind\BrakeFaults;
use Lernfall\Fault\Kind\LoomFaults;
use Lernfall\Fault\Kind\ModuleFaults;
use Lernfall\Fault\Kind\NoFaults;
use Lernfall\Fault\Kind\PlugFaults;
use Lernfall\Fault\Kind\RingFaults;
use Lernfall\Fault\Kind\SensorFaults;
use Lernfall\Fault\Kind\SupplyFaults;
use Lernfall\Fault\Kind\UnitFaults;
use Lernfall\Fault\Kind\WheelBrakeFaults;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/** Every kind of fault that can be set, and every place it applies to. */
final readonly class Catalogue
{
    /**
     * @param  array<string, CatalogueEntry>  $entries  by kind id
     * @param  array<string, Symptom>  $symptoms  what customers notice, by id
     * @param  list<list<string>>  $groups  kinds at one place that no test of a standing car tells apart; one repair mends all of a group
     */
    public function __construct(public array $entries, public array $symptoms = [], private array $groups = [])
    {
    }

    /** @return list<FaultKind> */
    public static function kinds(): array
    {
        /** @var ?list<FaultKind> $kinds */
        static $kinds = null;

        return $kinds ??= [...RingFaults::all(), ...SensorFaults::all(), ...PlugFaults::all(), ...LoomFaults::all(), ...ModuleFaults::all(), ...SupplyFaults::all(), ...UnitFaults::all(), ...WheelBrakeFaults::all(), ...BrakeFaults::all(), ...NoFaults::all()];
    }

    /** @return list<string> kinds that no test of a standing car tells from this one */
    public function alike(string $kindId): array
    {
        $groups = array_filter($this->groups, static fn (array $group): bool => in_array($kindId, $group, true));

        return array_values(array_unique(array_diff(array_merge([], ...$groups), [$kindId])));
    }

    /** @throws InvalidFault */
    public function entry(string $kindId): CatalogueEntry
    {
        return $this->entries[$kindId] ?? throw InvalidFault::unknownKind($kindId);
    }

    /**
     * A fault after checking that it fits this vehicle.
     *
     * @param  ?float  $strength  in the unit of the kind; left out, the middle strength of the catalogue
     *
     * @throws InvalidFault
     */
    public function fault(Vehicle $vehicle, string $kindId, string $channel, string $conductor = '', ?float $strength = null, ?Provocation $provokedBy = null): Fault
    {
        $entry = $this->entry($kindId);
        $strength ??= $entry->usualStrength();
        if ($strength < $entry->least || $strength > $entry->greatest) {
            throw InvalidFault::outOfRange($kindId, $entry->least, $entry->greatest, $entry->kind->unit);
        }
        if (! $entry->kind->isFoundOn($vehicle)) {
            throw InvalidFault::notOnThisCar($kindId, $vehicle->model->name);
        }
        if ($entry->kind->scope->wholeCar) {
            return $channel === Vehicle::WHOLE
                ? new Fault($entry->kind, $channel, '', $strength)
                : throw InvalidFault::unknownChannel($channel, [Vehicle::WHOLE]);
        }
        if (! $vehicle->hasChannel($channel)) {
            throw InvalidFault::unknownChannel($channel, $vehicle->channelIds());
        }
        if (! $entry->kind->fits($vehicle->channel($channel))) {
            throw InvalidFault::doesNotFit($kindId, $vehicle->channel($channel));
        }
        $conductors = array_map(static fn ($one): string => $one->id, $vehicle->channel($channel)->conductors);
        if ($entry->kind->onConductor && ! in_array($conductor, $conductors, true)) {
            throw InvalidFault::needsConductor($kindId, $conductors);
        }

        return new Fault($entry->kind, $channel, $entry->kind->onConductor ? $conductor : '', $strength, $provokedBy ?? $entry->kind->nature);
    }

    /** @return list<Fault> every kind at every place of this vehicle, in its middle strength */
    public function usualFaults(Vehicle $vehicle): array
    {
        return array_values(array_filter($this->everyFault($vehicle), fn (Fault $fault): bool => $fault->strength === $this->entry($fault->kind->id)->usualStrength()));
    }

    /** @return list<Fault> every kind at every place of this vehicle, in each of its strengths */
    public function everyFault(Vehicle $vehicle): array
    {
        $faults = [];
        foreach ($this->entries as $entry) {
            foreach ($entry->kind->places($vehicle) as $place) {
                $conductors = $entry->kind->onConductor ? array_map(static fn ($one): string => $one->id, $vehicle->channel($place)->conductors) : [''];
                foreach ($conductors as $conductor) {
                    foreach ($entry->strengths as $strength) {
                        $faults[] = new Fault($entry->kind, $place, $conductor, $strength, $entry->kind->nature);
                    }
                }
            }
        }

        return $faults;
    }
}
