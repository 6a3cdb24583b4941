<?php

declare(strict_types=1);

namespace Lernfall\Bay\Work;

use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\CategoryFeature;
use Lernfall\Bay\Prediction;
use Lernfall\Module\Failure;
use Lernfall\Module\Memory;

/** What the module tells: its lamps and its codes. */
final readonly class ScanWork
{
    /** @return list<Branch> */
    public function lamps(Car $car): array
    {
        $warning = $car->state->isPowered() && (! $car->modulePowered() || $car->state->memory->hasPresent());
        $features = [];
        foreach ($car->vehicle->lamps as $lamp) {
            $lit = $warning && in_array($lamp, $car->vehicle->module->lampsOnFault, true);
            $features[$lamp] = CategoryFeature::certain($lit ? 'on' : 'off');
        }

        $features['message'] = CategoryFeature::certain($warning ? 'systems-off' : 'none');

        return Branch::only($car, Prediction::of('lamps', $features, $car->state->isPowered() ? [] : ['lamps-ignition-off']));
    }

    /** @return list<Branch> */
    public function read(Car $car): array
    {
        if (! $car->modulePowered()) {
            return $this->silent($car);
        }
        $features = ['answer' => CategoryFeature::certain('yes')];
        foreach ($car->vehicle->channelIds() as $channel) {
            foreach (Failure::cases() as $failure) {
                $status = $car->state->memory->status($channel, $failure);
                $features[$this->code($car, $channel, $failure)] = CategoryFeature::certain($status === null ? 'absent' : $status->value);
            }
        }

        return Branch::only($car, Prediction::of('codes', $features));
    }

    /** @return list<Branch> */
    public function clear(Car $car): array
    {
        return $car->modulePowered()
            ? Branch::only($car->in($car->state->remembering(Memory::empty())), Prediction::of('cleared', ['answer' => CategoryFeature::certain('yes')]))
            : $this->silent($car);
    }

    /** The code as a scan tool writes it: base code, a hyphen, the failure-type byte. */
    private function code(Car $car, string $channel, Failure $failure): string
    {
        $module = $car->vehicle->module;

        return $module->codes[$channel].'-'.$module->failureTypes[$failure->value];
    }

    /** @return list<Branch> */
    private function silent(Car $car): array
    {
        return Branch::only($car, Prediction::of('no-answer', ['answer' => CategoryFeature::certain('no')]));
    }
}
