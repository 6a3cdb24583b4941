<?php

declare(strict_types=1);

namespace Lernfall\Bay\Key;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\ElectricalDamage;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Car\OutcomeBranching;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Circuit\InputVoltages;
use Lernfall\Circuit\ModuleInput;
use Lernfall\Module\Failure;
use Lernfall\Module\FreezeFrame;
use Lernfall\Module\KeyOnCheck;
use Lernfall\Module\Listening;
use Lernfall\Module\PartsCheck;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\LampOut;
use Lernfall\Vehicle\ModuleSpecification;

/** Turning the key. Coming from off, the module checks its circuits. */
final readonly class KeyWork
{
    /** @return non-empty-list<Branch> */
    public function turn(Car $car, Ignition $to): array
    {
        $wasOff = ! $car->state->isPowered();
        $turned = $car->in($car->state->keyAt($to));
        $done = Prediction::of('done');
        if (! $wasOff || ! $turned->modulePowered()) {
            return Branch::only($turned, $done);
        }

        return $this->checked($turned, $done);
    }

    /** @return non-empty-list<Branch> */
    private function checked(Car $car, Prediction $done): array
    {
        $chances = [];
        $about = [];
        $state = $car->electrical()->unsupplied();
        $plainly = $car->isTypical() ? $state->plainly() : null;
        foreach ($car->vehicle->channelIds() as $id) {
            $channel = $car->channel($id);
            $check = fn (): array => $this->electrical($car, $channel, ModuleInput::at($id, $car->channels([$id]), $state));
            foreach ($plainly === null ? $check() : Memo::with($channel, "key-on $plainly", $check) as $event => [$failure, $chance]) {
                $chances[$event] = $chance;
                $about[$event] = [$id, $failure];
            }
        }
        $branches = [];
        $module = $car->vehicle->module;
        $frame = FreezeFrame::atRest($car->electrical()->systemVolts);
        foreach (OutcomeBranching::of($car, $chances) as [$weight, $state, $outcomes]) {
            $memory = $state->memory;
            $refused = [];
            foreach ($outcomes as $event => $seen) {
                [$id, $failure] = $about[$event];
                $refused[$id] = ($refused[$id] ?? false) || $seen && $this->isWithheld($module, $failure);
                $memory = $seen ? $memory->set($id, $failure, $frame) : $memory->passed($id, $failure, $module->lamps->out === LampOut::Passed);
            }
            foreach ((new PartsCheck($car->vehicle->brakeParts, $module->dialect))->atKeyOn($car->electrical()->moduleVolts(), $module->monitors->standstill->lowVolts) as $part => [$failure, $seen]) {
                $memory = $seen ? $memory->set($part, $failure, $frame) : $memory->passed($part, $failure, $module->lamps->out === LampOut::Passed);
            }
            $branches[] = new Branch($weight, ElectricalDamage::done($car->in($state->remembering($memory)->supplying(array_keys($refused, false, true)))), $done);
        }

        return $branches;
    }

    /** A module that feeds an open plug still saves itself from a short. */
    private function isWithheld(ModuleSpecification $module, Failure $failure): bool
    {
        return $module->withholdsSupply || $failure !== Failure::Open;
    }

    /** @return array<string, array{Failure, float}> failure and chance by event */
    private function electrical(Car $car, Channel $channel, InputVoltages $input): array
    {
        $checks = [];
        foreach (Failure::electrical() as $failure) {
            $checks[$this->event($channel->id, $failure, $input)] = [$failure, $this->chance($car, $channel, $failure, $input)];
        }

        return $checks;
    }

    private function chance(Car $car, Channel $channel, Failure $failure, InputVoltages $input): float
    {
        $check = new KeyOnCheck($car->vehicle->module->monitors);

        return $car->deviations->chanceThat(
            $car->deviation("module.$channel->id.bias-limit"),
            static fn (float $deviation): bool => $check->sees($failure, Listening::at($channel), $input, $deviation),
        );
    }

    /** Names the event with the state that decides it. */
    private function event(string $channel, Failure $failure, InputVoltages $input): string
    {
        return sprintf('%s/%s/%.3f/%.3f/%.5f', $channel, $failure->value, $input->firstVolts, $input->secondVolts, $input->feedAmperes);
    }
}
