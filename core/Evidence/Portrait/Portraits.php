<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Portrait;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Plugs\Join;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\CatalogueEntry;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/** What is true of each kind of fault, found by trying it on a car that can have it. */
final readonly class Portraits
{
    /** Less surely noticed than this is not worth a line. */
    private const LEAST_CHANCE = 0.05;

    /** @param  list<Vehicle>  $vehicles */
    public function __construct(private Simulator $simulator, private Catalogue $catalogue, private array $vehicles)
    {
    }

    /** @return list<Portrait> the most common first */
    public function all(): array
    {
        $total = array_sum(array_map(static fn (CatalogueEntry $entry): float => $entry->prior, $this->catalogue->entries));
        $portraits = [];
        foreach ($this->catalogue->entries as $entry) {
            $vehicle = $this->vehicleFor($entry);
            if ($vehicle !== null) {
                $portraits[] = $this->portrait($entry, $vehicle, $entry->prior / $total);
            }
        }
        usort($portraits, static fn (Portrait $one, Portrait $other): int => $other->share <=> $one->share);

        return $portraits;
    }

    private function vehicleFor(CatalogueEntry $entry): ?Vehicle
    {
        foreach ($this->vehicles as $vehicle) {
            if ($entry->kind->places($vehicle) !== []) {
                return $vehicle;
            }
        }

        return null;
    }

    private function portrait(CatalogueEntry $entry, Vehicle $sound, float $share): Portrait
    {
        $place = $entry->kind->places($sound)[0];
        $conductor = $entry->kind->onConductor ? $sound->channel($place)->conductors[0]->id : '';
        $fault = new Fault($entry->kind, $place, $conductor, $entry->strengths[count($entry->strengths) - 1], $entry->kind->nature);
        $car = $this->secured(Car::hypothesis($fault->applyTo($sound), $sound));
        $needsNoRepair = $car->vehicle == $sound;
        $repaired = [];
        foreach ($needsNoRepair ? [] : RepairKind::cases() as $kind) {
            if ($kind->places($sound) !== []) {
                $at = in_array($place, $kind->places($sound), true) ? $place : $kind->places($sound)[0];
                $repaired[$kind->value] = $this->after($car, new Repair($kind, $at), ...array_map(static fn (RepairKind $next): Repair => new Repair($next, Vehicle::WHOLE), $kind->followedBy($sound)));
            }
        }
        $cures = array_filter($repaired, static fn (Car $one): bool => $one->vehicle == $sound);
        $seeming = array_filter($repaired, fn (Car $one): bool => $one->vehicle != $sound && $one->vehicle != $car->vehicle && $this->staysSilent($one));

        return new Portrait(
            $entry, $share, $this->catalogue->alike($entry->kind->id), $this->kinds($cures), $this->hasCode($car) ? $this->kinds($seeming) : [],
            $place !== Vehicle::WHOLE && $this->joiningCanCure($car, $place), $this->noticed($car, $this->secured(Car::hypothesis($sound, $sound)), $place),
            (new PortraitPictures($this->simulator))->of($fault, $sound, $place),
        );
    }

    private function secured(Car $car): Car
    {
        return $this->after($car, new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand));
    }

    /**
     * @param  array<string, Car>  $repaired
     * @return list<RepairKind>
     */
    private function kinds(array $repaired): array
    {
        return array_map(RepairKind::from(...), array_keys($repaired));
    }

    private function hasCode(Car $car): bool
    {
        return ! $this->staysSilent($car);
    }

    /** No code after a drive. */
    private function staysSilent(Car $car): bool
    {
        $driven = $this->after($car, new Secure(SecureStep::Lower), new Secure(SecureStep::Unchock), new TurnKey(Ignition::Running), new RoadTest);
        foreach (Branch::likeliest($this->simulator->predict($driven, new ReadCodes))->prediction->features as $feature) {
            if ($feature instanceof CategoryFeature && in_array($feature->likeliest(), ['present', 'pending', 'no'], true)) {
                return false;
            }
        }

        return true;
    }

    private function joiningCanCure(Car $car, string $place): bool
    {
        foreach ($car->vehicle->channel($place)->plugs() as $plug) {
            foreach ($this->simulator->predict($this->after($car, new Unplug($plug->plugId)), new Join($plug->plugId)) as $branch) {
                if ($branch->car->vehicle != $car->vehicle) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<string, float> chance by word, of words a sound car hardly ever shows */
    private function noticed(Car $car, Car $healthy, string $place): array
    {
        $noticed = [];
        foreach (PortraitLooks::of($car->vehicle, $place) as [$before, $look]) {
            $usual = $this->words($this->after($healthy, ...$before), $look);
            foreach ($this->words($this->after($car, ...$before), $look) as $word => $chance) {
                if (($usual[$word] ?? 0.0) < self::LEAST_CHANCE && $chance >= self::LEAST_CHANCE) {
                    $noticed[$word] = max($noticed[$word] ?? 0.0, $chance);
                }
            }
        }

        return $noticed;
    }

    /** @return array<string, float> chance by word */
    private function words(Car $car, CarAction $look): array
    {
        $words = [];
        foreach ($this->simulator->predict($car, $look) as $branch) {
            foreach ($branch->prediction->features as $name => $feature) {
                if ($feature instanceof CategoryFeature && $name !== 'blemish') {
                    $words[$feature->likeliest()] = ($words[$feature->likeliest()] ?? 0.0) + $branch->weight;
                }
            }
        }

        return $words;
    }

    private function after(Car $car, CarAction ...$actions): Car
    {
        foreach ($actions as $action) {
            $car = Branch::likeliest($this->simulator->predict($car, $action))->car;
        }

        return $car;
    }
}
