<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection;

use Lernfall\Bay\Car\Car;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\RelayFeed;
use Lernfall\Vehicle\Brakes\RelayState;
use Lernfall\Vehicle\PartState;

/** What there is to see at the places that sit at no corner: of the module's supply, of the hydraulic unit and of its fluid. */
final readonly class CarSights
{
    /** Contacts of the module's relay that pass current with less than this have hardly arced. Those of the unit carry so much that they have whenever they are burnt. */
    private const FAINT_BURN_OHMS = 4.0;

    public function __construct(private Eyes $eyes, private Glance $glance)
    {
    }

    /** @return array{string, string, float} what there is to see, what is seen otherwise, and how surely it is noticed */
    public function at(Car $car, Sight $at): array
    {
        $faults = $car->vehicle->power->feed->faults;
        $wiring = $car->vehicle->brakeParts->unit?->wiring;

        return match ($at) {
            Sight::Fuse => $this->fuse($car, $at, $faults->fuseBlown),
            Sight::PumpFuse => $this->fuse($car, $at, $wiring?->pump->fuseBlown === true),
            Sight::ValveFuse => $this->fuse($car, $at, $wiring?->valves->fuseBlown === true),
            Sight::Relay => $this->burnt($car, $at, $faults->relayOhms, $faults->relayOhms < self::FAINT_BURN_OHMS ? $this->eyes->faintCorrosion : $this->eyes->corrosion),
            Sight::PumpRelay => $this->relay($car, $at, $wiring?->pump),
            Sight::ValveRelay => $this->relay($car, $at, $wiring?->valves),
            Sight::Ground => $this->ground($car, $at, $faults->rustOhms ?? 0.0),
            Sight::UnitGround => $this->ground($car, $at, $wiring->rustOhms ?? 0.0),
            Sight::PedalSwitch => $this->switchAtArm($car, $at, BrakeParts::STOP_LAMP_SWITCH),
            Sight::LeverSwitch => $this->switchAtArm($car, $at, BrakeParts::PARKING_BRAKE_SWITCH),
            Sight::UnitPipes => ['pipes-change-places', 'pipes-as-stamped', $this->hasCrossedPipes($car) ? $this->notices($car, $at, $this->eyes->faintCorrosion) : 0.0],
            default => ['fluid-low', 'fluid-full', $car->vehicle->brakeParts->isSound(BrakeParts::FLUID) ? 0.0 : 1.0],
        };
    }

    /** @return array{string, string, float} */
    private function fuse(Car $car, Sight $at, bool $blown): array
    {
        return ['fuse-blown', 'fuse-whole', $blown ? $this->notices($car, $at, $this->eyes->corrosion) : 0.0];
    }

    /** @return array{string, string, float} contacts that hang together are seen with the cap off; a winding that is open is not */
    private function relay(Car $car, Sight $at, ?RelayFeed $feed): array
    {
        return $feed?->relay === RelayState::Welded
            ? ['contacts-stuck', 'contacts-bright', $this->notices($car, $at, $this->eyes->corrosion)]
            : $this->burnt($car, $at, $feed?->burntOhms, $this->eyes->corrosion);
    }

    /** @return array{string, string, float} */
    private function burnt(Car $car, Sight $at, ?float $ohms, float $chance): array
    {
        return ['contacts-burnt', 'contacts-bright', $ohms === null ? 0.0 : $this->notices($car, $at, $chance)];
    }

    /** @return array{string, string, float} out of reach of its arm it stays closed, with a plunger that stays in it never closes; where its contacts are at fault nothing is seen, which is why this is faint */
    private function switchAtArm(Car $car, Sight $at, string $switch): array
    {
        return match ($car->vehicle->brakeParts->state($switch)) {
            PartState::Closed => ['switch-stands-off', 'plunger-follows', $this->notices($car, $at, $this->eyes->faintCorrosion)],
            PartState::Open => ['plunger-stays-in', 'plunger-follows', $this->notices($car, $at, $this->eyes->faintCorrosion)],
            default => ['switch-stands-off', 'plunger-follows', 0.0],
        };
    }

    /** @return array{string, string, float} */
    private function ground(Car $car, Sight $at, float $rustOhms): array
    {
        return ['ground-rusty', 'ground-clean', $rustOhms > 0.0 ? $this->notices($car, $at, $this->eyes->corrosion) : 0.0];
    }

    private function hasCrossedPipes(Car $car): bool
    {
        foreach ($car->vehicle->brakeParts->unit->hydraulics->wheels ?? [] as $line) {
            if ($line->goesTo !== '') {
                return true;
            }
        }

        return false;
    }

    private function notices(Car $car, Sight $at, float $probability): float
    {
        return $this->glance->notices($car, $at->value, $probability);
    }
}
