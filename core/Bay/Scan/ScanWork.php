<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scan;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Module\Failure;
use Lernfall\Module\Memory;
use Lernfall\Module\PartsCheck;
use Lernfall\Module\StoredCode;
use Lernfall\Module\StoredCodes;

/** What a scan tool reads and clears. */
final readonly class ScanWork
{
    /** Lost communication with the brake module (ISO 15031-6 / SAE J2012, from memory). */
    private const LOST_BRAKES = 'U0121-00';

    private const SPEED_STEP = 1.0 / 3.6;

    private const VOLT_STEP = 0.1;

    /** @return non-empty-list<Branch> */
    public function read(Car $car, ReadCodes $read): array
    {
        if ($read->mistakes($car->vehicle->id)) {
            return $this->silent($car);
        }
        if ($read->system !== ReadCodes::BRAKES) {
            return $this->other($car, $read->system);
        }
        if ($read->tool === ScanTool::Reader || ! $car->vehicle->module->talksToScanTools()) {
            return Branch::only($car, Prediction::of('not-listed', ['answer' => CategoryFeature::certain('no')]));
        }
        if (! $car->modulePowered()) {
            return $this->silent($car);
        }

        return Branch::only($this->held($car), Memo::with($car->vehicle->module->dialect, implode(' ', [
            'codes', $read->tool->value, ...array_values($car->vehicle->inputs()), '', ...$car->vehicle->brakeParts->ids(), '', $car->state->memory->text(),
        ]), fn (): Prediction => $this->codes($car, $read)));
    }

    private function codes(Car $car, ReadCodes $read): Prediction
    {
        $features = ['answer' => CategoryFeature::certain('yes')];
        foreach (StoredCodes::in($car->state->memory, $car->vehicle->module->dialect, $car->vehicle->inputs(), (new PartsCheck($car->vehicle->brakeParts, $car->vehicle->module->dialect))->subjects()) as $code => $stored) {
            $shown = $read->tool === ScanTool::Older ? $car->vehicle->module->dialect->inHexadecimal((string) $code) : (string) $code;
            $features[$shown] = CategoryFeature::certain($stored === null ? 'absent' : $stored->status->value);
            foreach ($stored === null || $read->tool === ScanTool::Older ? [] : $this->details((string) $code, $stored, $car) as $name => $feature) {
                $features[$name] = $feature;
            }
        }
        foreach (Failure::ofChannels() as $failure) {
            if ($failure->toldBy($car->vehicle->module->dialect) === $failure) {
                $features["test.$failure->value"] = CategoryFeature::certain($this->isTested($car, $failure) ? 'tested' : 'not-retested');
            }
        }

        return Prediction::of('codes', $features);
    }

    /** @return non-empty-list<Branch> */
    public function clear(Car $car, string $system): array
    {
        if ($system !== ReadCodes::BRAKES) {
            return $car->state->isPowered() ? Branch::only($car, Prediction::of('cleared', ['answer' => CategoryFeature::certain('other')])) : $this->silent($car);
        }

        return $car->modulePowered() && $car->vehicle->module->talksToScanTools()
            ? Branch::only($this->held($car->in($car->state->remembering(Memory::empty()))), Prediction::of('cleared', ['answer' => CategoryFeature::certain('yes')]))
            : $this->silent($car);
    }

    /** @return non-empty-list<Branch> */
    public function end(Car $car): array
    {
        return Branch::only($car->in($car->state->withSession($car->state->session->inSession(false))), Prediction::of('done'));
    }

    /** A scan tool that talks to the module holds it. */
    private function held(Car $car): Car
    {
        return $car->in($car->state->withSession($car->state->session->inSession(true)));
    }

    /**
     * Another system of the car. Each misses the brake module when that is silent.
     *
     * @return non-empty-list<Branch>
     */
    private function other(Car $car, string $system): array
    {
        if (! $car->state->isPowered()) {
            return $this->silent($car);
        }
        $isMissed = $car->vehicle->module->talksToScanTools() && ! $car->modulePowered();

        return Branch::only($car, Prediction::of('codes', [
            'answer' => CategoryFeature::certain('other'),
            'system' => CategoryFeature::certain($system),
            self::LOST_BRAKES => CategoryFeature::certain($isMissed ? 'present' : 'absent'),
        ]));
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
    /** A module that watches its circuits with the key on has tried them again by the time somebody reads. */
    private function isTested(Car $car, Failure $failure): bool
    {
        if ($failure->isElectrical() && $car->vehicle->module->monitors->standstill->watches()) {
            return true;
        }
        foreach ($car->vehicle->channelIds() as $channel) {
            if (! $car->state->memory->byte($channel, $failure)->isTestedSinceClearing()) {
                return false;
            }
        }

        return true;
    }

    /** @return non-empty-list<Branch> */
    private function silent(Car $car): array
    {
        return Branch::only($car, Prediction::of('no-answer', ['answer' => CategoryFeature::certain('no')]));
    }
}
