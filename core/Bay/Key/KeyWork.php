<?php

declare(strict_types=1);

namespace Lernfall\Bay\Key;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\CircuitCheck;
use Lernfall\Bay\Car\ElectricalDamage;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\OutcomeBranching;
use Lernfall\Bay\Car\Supervision;
use Lernfall\Bay\Car\UnitSeen;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Module\Failure;
use Lernfall\Module\FreezeFrame;
use Lernfall\Module\Memory;
use Lernfall\Module\PartsCheck;
use Lernfall\Vehicle\LampOut;

/** Turning the key. Coming from off, the module checks its circuits. */
final readonly class KeyWork
{
    /** @return non-empty-list<Branch> */
    public function turn(Car $car, Ignition $to): array
    {
        $runs = $to !== Ignition::Running || $car->state->key->isRunning() || $car->vehicle->power->supply->cranks();
        $wasOff = ! $car->state->isPowered();
        $turned = $car->in($car->state->keyAt($runs ? $to : Ignition::On));
        $done = $to === Ignition::Running
            ? Prediction::of('engine', ['engine' => CategoryFeature::certain($runs ? 'runs' : 'does-not-turn')], $runs ? [] : [Note::StarterFails])
            : Prediction::of('done');

        return $wasOff && $turned->modulePowered() ? $this->checked($turned, $done) : Branch::only($turned, $done);
    }

    /** @return non-empty-list<Branch> */
    private function checked(Car $car, Prediction $done): array
    {
        $chances = [];
        $about = [];
        $unsupplied = $car->electrical()->unsupplied();
        foreach ($car->vehicle->channelIds() as $id) {
            foreach (CircuitCheck::of($car, $car->channel($id), $unsupplied) as $event => [$failure, $chance]) {
                $chances[$event] = $chance;
                $about[$event] = [$id, $failure];
            }
        }
        $branches = [];
        foreach (OutcomeBranching::of($car, $chances) as [$weight, $state, $outcomes]) {
            $found = [];
            $memory = $state->memory;
            foreach ($outcomes as $event => $seen) {
                [$id, $failure] = $about[$event];
                if ($seen) {
                    $found[$id][] = $failure;
                } else {
                    $memory = $memory->passed($id, $failure, $car->vehicle->module->lamps->out === LampOut::Passed);
                }
            }
            $fed = $this->fed($car->in($state->remembering($this->parts($car, $memory))), $found);
            foreach (Supervision::watch($fed, self::changedBySupply($car, $fed)) as [$share, $watched]) {
                $branches[] = new Branch($weight * $share, $watched, $done);
            }
        }

        return $branches;
    }

    /**
     * What is found is noted, and the rest gets its supply.
     *
     * @param  array<string, list<Failure>>  $found  by channel
     */
    private function fed(Car $car, array $found): Car
    {
        $noted = Supervision::noted($car, $found, FreezeFrame::atRest($car->electrical()->systemVolts));
        $fed = array_values(array_diff($car->vehicle->channelIds(), $noted->state->key->cut));

        return ElectricalDamage::done($noted->in($noted->state->supplying($fed)));
    }

    /** @return list<string> the channels that the check has not seen as they are now */
    private static function changedBySupply(Car $checked, Car $fed): array
    {
        $areJoined = ! $fed->electrical()->attached->isNothing();

        return array_values(array_filter($fed->vehicle->channelIds(), static function (string $id) use ($checked, $fed, $areJoined): bool {
            $channel = $fed->vehicle->channel($id);

            return $areJoined || $channel->moduleEnd->input->switchesSupply() || $channel !== $checked->vehicle->channel($id);
        }));
    }

    private function parts(Car $car, Memory $memory): Memory
    {
        $module = $car->vehicle->module;
        $check = new PartsCheck($car->vehicle->brakeParts, $module->dialect);
        foreach ($check->atKeyOn($car->electrical()->moduleVolts(), $module->monitors->standstill->lowVolts, UnitSeen::atKeyOn($car)) as $part => [$failure, $seen]) {
            $memory = $seen ? $memory->set($part, $failure, FreezeFrame::atRest($car->electrical()->systemVolts)) : $memory->passed($part, $failure, $module->lamps->out === LampOut::Passed);
        }

        return $memory;
    }
}
