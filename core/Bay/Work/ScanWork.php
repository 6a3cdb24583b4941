<?php

declare(strict_types=1);

namespace Lernfall\Bay\Work;

use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\CategoryFeature;
use Lernfall\Bay\Feature;
use Lernfall\Bay\NumberFeature;
use Lernfall\Bay\Prediction;
use Lernfall\Module\Failure;
use Lernfall\Module\Memory;
use Lernfall\Module\StoredCode;
use Lernfall\Module\StoredCodes;

/** What the module tells: its lamps and its codes. */
final readonly class ScanWork
{
    private const SPEED_STEP = 1.0 / 3.6;

    private const VOLT_STEP = 0.1;

    /** @return list<Branch> */
    public function lamps(Car $car): array
    {
        $warning = $car->state->isPowered() && (! $car->modulePowered() || $car->state->memory->asksForLamp());
        $features = [];
        foreach ($car->vehicle->lamps as $lamp) {
            $lit = $warning && in_array($lamp, $car->vehicle->module->lamps->onFault, true);
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
        foreach (StoredCodes::in($car->state->memory, $car->vehicle->module->dialect, $car->vehicle->channelIds()) as $code => $stored) {
            $features[$code] = CategoryFeature::certain($stored === null ? 'absent' : $stored->status->value);
            $features = $stored === null ? $features : [...$features, ...$this->details((string) $code, $stored, $car)];
        }
        foreach ([...Failure::electrical(), ...Failure::driving()] as $failure) {
            if ($failure->toldBy($car->vehicle->module->dialect) === $failure) {
                $features["test.$failure->value"] = CategoryFeature::certain($this->isTested($car, $failure) ? 'tested' : 'not-retested');
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

    /** @return array<string, Feature> the status byte, the maker's own number, and what was noted when the test failed */
    private function details(string $code, StoredCode $stored, Car $car): array
    {
        $dialect = $car->vehicle->module->dialect;
        $features = $stored->byte === null ? [] : ["$code.byte" => CategoryFeature::certain($stored->byte->text())];
        if (isset($dialect->ownNumbers[$code])) {
            $features["$code.own"] = CategoryFeature::certain($dialect->ownNumbers[$code]);
        }
        $frame = $stored->frame;
        if ($frame === null) {
            return $features;
        }
        foreach ($dialect->frame as $noted) {
            $features["$code.$noted"] = match ($noted) {
                'speed' => NumberFeature::reading('metresPerSecond', $frame->metresPerSecond, self::SPEED_STEP, 0.0, canBeNegative: false),
                'volts' => NumberFeature::reading('volts', $frame->volts, self::VOLT_STEP, 0.0),
                default => CategoryFeature::certain($frame->steering),
            };
        }

        return $features;
    }

    /** Whether this test has run on every channel since the codes were cleared. */
    private function isTested(Car $car, Failure $failure): bool
    {
        foreach ($car->vehicle->channelIds() as $channel) {
            if (! $car->state->memory->byte($channel, $failure)->isTestedSinceClearing()) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Branch> */
    private function silent(Car $car): array
    {
        return Branch::only($car, Prediction::of('no-answer', ['answer' => CategoryFeature::certain('no')]));
    }
}
