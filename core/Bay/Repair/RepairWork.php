<?php

declare(strict_types=1);

namespace Lernfall\Bay\Repair;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\SeizedSensor;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Hands\Hands;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\KnownGood\KnownGoodWork;
use Lernfall\Module\Memory;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\PartState;

/** Repairs put parts back to how they were built. They never ask what is wrong, and never say whether it helped. */
final readonly class RepairWork
{
    /** Where what is fitted new can be looked at, beside what sits at a sensor or a plug: it has harmless marks of its own. */
    private const FITTED_NEW = [
        'replace-fuse' => [Sight::Fuse], 'replace-relay' => [Sight::Relay], 'replace-unit-fuse' => [Sight::PumpFuse, Sight::ValveFuse], 'replace-pump-relay' => [Sight::PumpRelay], 'replace-valve-relay' => [Sight::ValveRelay],
        'replace-stop-lamp-switch' => [Sight::PedalSwitch], 'replace-parking-brake-switch' => [Sight::LeverSwitch], 'fit-tyre' => [Sight::Tyre], 'replace-brake-hose' => [Sight::BrakeLine],
    ];

    public function __construct(private Hands $hands)
    {
    }

    /** @return non-empty-list<Branch> */
    public function repair(Car $car, Repair $repair): array
    {
        if ($repair->kind->needsFreeWheel() && ! $car->state->lift->isSecured()) {
            return Branch::refused($car, Refusal::Unsecured);
        }
        $branches = [];
        $isDrawn = in_array($repair->kind, [RepairKind::ReplaceSensor, RepairKind::CleanTip], true);
        foreach (SeizedSensor::drawn($this->taken($car, $repair), $isDrawn ? [$repair->channel] : [], $this->hands->breaksSeized) as [$weight, $drawn, $came]) {
            $branches[] = new Branch($weight, self::shared(self::withNewMarks($this->repaired($drawn, $repair), $repair)), Prediction::of('done', [], [...Note::ofDrawing($came), ...($car->state->isPowered() ? [Note::RepairIgnitionOn] : [])]));
        }

        return $branches;
    }

    private static function withNewMarks(Car $car, Repair $repair): Car
    {
        $marked = array_map(static fn (Sight $at): string => "eye.$repair->channel.$at->value", self::FITTED_NEW[$repair->kind->value] ?? []);

        return $marked === [] ? $car : $car->in($car->state->withRenewed(...$marked));
    }

    /** A corner that has become as it was built is the very same on all cars that could be there: what is known of it holds for it. */
    private static function shared(Car $car): Car
    {
        return $car->withVehicle($car->vehicle->sharing($car->sound));
    }

    private function repaired(Car $car, Repair $repair): Car
    {
        return match ($repair->kind) {
            RepairKind::CleanPlug => $this->mendPlug($car, $repair->channel, 'sensor-plug'),
            RepairKind::CleanModulePlug => $this->mendModulePlug($car, $repair->channel),
            RepairKind::RepairLoom => $this->repairLoom($car, $repair->channel, $repair->routes),
            RepairKind::SetGap => $this->setGap($car, $repair->channel),
            RepairKind::CleanRing => $this->cleanRing($car, $repair->channel),
            RepairKind::CleanTip => $car->withVehicle($car->vehicle->withChannel($car->vehicle->channel($repair->channel)->withTipDust(0.0))),
            RepairKind::ReplaceSensor => $this->replaceSensor($car, $repair->channel),
            RepairKind::ReplaceHub => $this->replaceHub($car, $repair->channel),
            RepairKind::RenewExtension => $this->renewExtension($car, $repair->channel),
            RepairKind::TapeLoom => $this->tapeLoom($car, $repair->channel),
            RepairKind::FitTyre => $car->withVehicle($car->vehicle->withChannel($car->vehicle->channel($repair->channel)->withTyreFactor(1.0)->withTyreSoft(0.0))),
            RepairKind::InflateTyre => $car->withVehicle($car->vehicle->withChannel($car->vehicle->channel($repair->channel)->withTyreSoft(0.0))),
            RepairKind::ReplaceModule => $this->replaceModule($car),
            RepairKind::ReplaceFuse => $car->withVehicle($car->vehicle->withFeed($car->vehicle->power->feed->withFuse(false))),
            RepairKind::ReplaceRelay => $car->withVehicle($car->vehicle->withFeed($car->vehicle->power->feed->withRelay(null))),
            RepairKind::CleanGround => $car->withVehicle($car->vehicle->withFeed($car->vehicle->power->feed->withRust(null))),
            RepairKind::FillFluid => $this->made($car, BrakeParts::FLUID),
            RepairKind::ReplaceStopLampSwitch => $this->made($car, BrakeParts::STOP_LAMP_SWITCH),
            RepairKind::ReplaceParkingBrakeSwitch => $this->made($car, BrakeParts::PARKING_BRAKE_SWITCH),
            RepairKind::ReplaceTemperatureSwitch => $this->made($car, BrakeParts::TEMPERATURE_SWITCH),
            RepairKind::ReplaceLevelSwitch => $this->made($car, BrakeParts::LEVEL_SWITCH),
            RepairKind::MendLamp => $this->made($car, ...array_map(BrakeParts::lamp(...), $car->vehicle->model->lamps)),
            RepairKind::ChargeBattery => $car->withVehicle($car->vehicle->withSupply($car->sound->power->supply)),
            default => $this->mendUnit($car, $repair->kind, $repair->channel),
        };
    }

    /** A part that was only being tried comes out before the one that stays goes in. */
    private function taken(Car $car, Repair $repair): Car
    {
        foreach ($car->state->places->removed->all() as [$part, $place]) {
            if (RepairKind::renewing($part) === $repair->kind && $place === $repair->channel) {
                $car = (new KnownGoodWork($this->hands))->fit($car, new FitKnownGoodPart($part, $place, false))[0]->car;
            }
        }

        return $car;
    }

    /** These parts as they were built. */
    private function made(Car $car, string ...$parts): Car
    {
        $vehicle = $car->vehicle;
        foreach ($parts as $part) {
            $vehicle = $vehicle->brakeParts->has($part) ? $vehicle->withBrakePart($part, PartState::Sound) : $vehicle;
        }

        return $car->withVehicle($vehicle);
    }

    private function mendUnit(Car $car, RepairKind $kind, string $channel): Car
    {
        $line = $kind->isAtABrake() ? $car->vehicle->unit()->hydraulics->lineTo($channel) : null;
        $mended = $car->withVehicle($car->vehicle->withUnit((new UnitRepair($car->sound->unit()))->after($car->vehicle->unit(), $kind, $channel)));
        if ($kind === RepairKind::MendBrakeLine && $line?->leakFlow > 0.0) {
            return $this->made($mended->in($mended->state->withRenewed("eye.$channel.brake-line")), BrakeParts::FLUID); // filled up again
        }
        if ($kind === RepairKind::ReplaceLinings) {
            $renewed = $mended->in($mended->state->withRenewed("unit.$channel.linings", "eye.$channel.linings"));

            return $line?->brake->worn > 0.0 ? $this->made($renewed, BrakeParts::FLUID) : $renewed; // pistons pushed back bring the level up
        }
        if ($kind !== RepairKind::ReplaceHydraulicUnit) {
            return $mended;
        }
        $windings = array_map(static fn (string $valve): string => "unit.$valve.winding", array_keys($car->sound->unit()->wiring->coils));

        return $mended->in($mended->state->withRenewed(...$windings)->withAccumulated([]));
    }

    /** Pins cleaned, seated where they belong, the plug joined. */
    private function mendPlug(Car $car, string $channel, string $name): Car
    {
        $sound = $car->sound->channel($channel)->plug($name);

        return $car
            ->withVehicle($car->vehicle->withChannel($car->vehicle->channel($channel)->withLink($sound)))
            ->in($car->state->plugJoined($sound->plugId)->withRenewed("eye.$channel.$name"));
    }

    /** What sits at another one's input comes out there, and the other one gets its place again. */
    private function mendModulePlug(Car $car, string $channel): Car
    {
        $input = $car->vehicle->inputOf($channel);
        if ($input !== $channel) {
            $other = $car->vehicle->channel($input);
            $car = $car->withVehicle($car->vehicle->withChannel($other->withLink($other->plug('module-plug')->atInput(''))));
        }

        return $this->mendPlug($car, $channel, 'module-plug');
    }

    /** The pair is renewed as a twisted pair; whether it is laid where it belongs as well is for whoever does it to say. */
    private function repairLoom(Car $car, string $channel, bool $routes): Car
    {
        $sound = $car->sound->channel($channel)->cable('loom');

        return $car
            ->withVehicle($car->vehicle->withChannel($car->vehicle->channel($channel)->inEveryState(
                static fn (Channel $state): Channel => $state->withLink($sound->misrouted(! $routes && $state->cable('loom')->misrouted)),
            )))
            ->in($car->state->withRenewed("eye.$channel.cable"));
    }

    /** The cable comes with its half of the body plug; the other half is cleaned. */
    private function renewExtension(Car $car, string $channel): Car
    {
        $sound = $car->sound->channel($channel);
        $plug = $sound->plug('body-plug');

        return $car
            ->withVehicle($car->vehicle->withChannel($car->vehicle->channel($channel)->withLink($sound->cable('extension'))->withLink($plug)))
            ->in($car->state->plugJoined($plug->plugId)->withRenewed("eye.$channel.cable", "eye.$channel.body-plug"));
    }

    /** A makeshift: what was bare touches nothing while the tape holds. */
    private function tapeLoom(Car $car, string $channel): Car
    {
        return $car->withVehicle($car->vehicle->withChannel($car->vehicle->channel($channel)->inEveryState(
            static fn (Channel $state): Channel => $state->withLink($state->cable('loom')->taped()),
        )));
    }

    private function setGap(Car $car, string $channel): Car
    {
        return $car
            ->withVehicle($car->vehicle->withChannel($car->vehicle->channel($channel)->withGap($car->sound->channel($channel)->wheelEnd->gapMetres)))
            ->in($car->state->withRenewed("$channel.gap", "eye.$channel.gap"));
    }

    /** Dirt goes; a crack or a missing tooth stays. */
    private function cleanRing(Car $car, string $channel): Car
    {
        return $car->withVehicle($car->vehicle->withChannel($car->vehicle->channel($channel)->inEveryState(
            static fn (Channel $state): Channel => $state->withRing($state->wheelEnd->ring->dirty(0.0)),
        )));
    }

    private function replaceSensor(Car $car, string $channel): Car
    {
        $renewed = $car->vehicle->channel($channel)->withSensor($car->sound->channel($channel)->sensor)->withTipDust(0.0);
        $part = $car->state->sensorOf($channel);

        return $car
            ->withVehicle($car->vehicle->withChannel($renewed))
            ->in($car->state->plugJoined($renewed->plug('sensor-plug')->plugId)->withRenewed("$part.coil.resistance", "$part.sensor.signal"));
    }

    /** A new hub brings its ring, and the sensor is set to it. */
    private function replaceHub(Car $car, string $channel): Car
    {
        $sound = $car->sound->channel($channel);

        return $car
            ->withVehicle($car->vehicle->withChannel($car->vehicle->channel($channel)->withRing($sound->wheelEnd->ring)->withGap($sound->wheelEnd->gapMetres)->withBearingPlay(0.0)))
            ->in($car->state->withRenewed("$channel.gap", "eye.$channel.gap", "eye.$channel.play", "eye.$channel.ring.raised", "eye.$channel.ring.floor"));
    }

    private function replaceModule(Car $car): Car
    {
        $limits = [];
        foreach ($car->vehicle->channelIds() as $id) {
            array_push($limits, "module.$id.bias-limit", "module.$id.signal-limit");
        }

        $vehicle = $car->vehicle;
        foreach ($vehicle->channels as $channel) {
            $vehicle = $vehicle->withChannel($channel->withPort($car->sound->channel($channel->id)->moduleEnd->port));
        }

        return $car->withVehicle($vehicle->withModule($vehicle->module->dead(false)))->in($car->state->remembering(Memory::empty())->withRenewed(...$limits));
    }
}
