<?php

declare(strict_types=1);

namespace Lernfall\Bay\Work;

use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\CategoryFeature;
use Lernfall\Bay\Ignition;
use Lernfall\Bay\Prediction;
use Lernfall\Module\Blinking;
use Lernfall\Module\CodeStatus;
use Lernfall\Module\Memory;
use Lernfall\Module\StoredCodes;
use Lernfall\Vehicle\LampCodes;

/** The lamps as the driver sees them, and the ways to make one of them blink what the module knows. */
final readonly class LampWork
{
    private const ABS = 'abs';

    /** @return non-empty-list<Branch> */
    public function look(Car $car): array
    {
        $features = [];
        foreach ($car->vehicle->lamps as $lamp) {
            $features[$lamp] = CategoryFeature::certain($this->state($car, $lamp));
        }
        $features['message'] = CategoryFeature::certain($this->message($car));

        return Branch::only($car, Prediction::of('lamps', $features, $car->state->isPowered() ? [] : ['lamps-ignition-off']));
    }

    /** @return non-empty-list<Branch> */
    public function watch(Car $car): array
    {
        return Branch::only($car, $this->seen($car, $this->blinking($car)));
    }

    /** @return non-empty-list<Branch> */
    public function connector(Car $car, bool $open): array
    {
        return Branch::only($car->in($car->state->served($car->state->service->withConnector($open))), Prediction::of('done'));
    }

    /** @return non-empty-list<Branch> */
    public function pedal(Car $car, int $times, float $seconds): array
    {
        $rules = $car->vehicle->module->lampCodes;
        $service = $car->state->service;
        $state = $car->state->served($service->pressed($times));
        $pressed = Prediction::of('pressed');
        if ($rules === null || ! $service->connectorOpen || ! $car->modulePowered()) {
            return Branch::only($car->in($state), $pressed);
        }
        $check = $rules->check;

        return Branch::only($car->in(match (true) {
            $service->checkMode => $check !== null && $service->presses + $times >= $check->leavesAfterPresses ? $state->served($service->pressed($times)->leftCheckMode()) : $state,
            $check !== null && $car->state->ignition === Ignition::Running && $service->presses === 0 && $times === $check->presses && $seconds <= $check->withinSeconds => $state->served($service->checking()),
            $rules->clearPresses > 0 && $times >= $rules->clearPresses && $seconds <= $rules->clearWithinSeconds => $state->remembering(Memory::empty()),
            default => $state,
        }), $pressed);
    }

    /** @return non-empty-list<Branch> */
    public function parkingBrake(Car $car): array
    {
        return Branch::only($car->in($car->state->served($car->state->service->leftCheckMode())), Prediction::of('done'));
    }

    /**
     * On, off and on again; the lamp then blinks once what is stored.
     *
     * @return non-empty-list<Branch>
     */
    public function cyclePower(Car $car, float $onSeconds, float $offSeconds): array
    {
        $rules = $car->vehicle->module->lampCodes;
        $off = $car->in($car->state->keyAt(Ignition::Off));
        $branches = [];
        foreach ((new KeyWork)->turn($off, Ignition::On) as $branch) {
            $understood = $rules?->cycle?->isMetBy($onSeconds, $offSeconds) === true && $branch->car->modulePowered();
            $branches[] = new Branch($branch->weight, $branch->car, $this->seen($branch->car, $understood ? Blinking::of($this->codes($branch->car), $rules) : null));
        }

        return $branches;
    }

    /** "on", "off" or "blinks". */
    private function state(Car $car, string $lamp): string
    {
        $module = $car->vehicle->module;
        if ($lamp === self::ABS && $this->blinking($car) !== null) {
            return 'blinks';
        }

        return $this->warns($car) && in_array($lamp, $module->lamps->onFault, true) ? 'on' : 'off';
    }

    private function warns(Car $car): bool
    {
        return $car->state->isPowered()
            && (! $car->modulePowered() || $car->state->memory->asksForLamp() || $this->isHeld($car));
    }

    private function isHeld(Car $car): bool
    {
        return $car->state->service->inSession && $car->vehicle->module->lamps->litInSession;
    }

    private function message(Car $car): string
    {
        return match (true) {
            ! $this->warns($car) => 'none',
            $this->isHeld($car) && $car->modulePowered() && ! $car->state->memory->asksForLamp() => 'diagnosis',
            default => 'systems-off',
        };
    }

    private function seen(Car $car, ?Blinking $blinking): Prediction
    {
        return Prediction::of('lamp-watched', ['lamp' => CategoryFeature::certain($blinking === null ? $this->state($car, self::ABS) : $blinking->text())]);
    }

    /** What the lamp blinks now; null where it does not. */
    private function blinking(Car $car): ?Blinking
    {
        $rules = $car->vehicle->module->lampCodes;
        $service = $car->state->service;
        if ($rules === null || $rules->cycle !== null || ! $service->connectorOpen || ! $car->modulePowered()) {
            return null;
        }

        return match (true) {
            ! $service->checkMode => Blinking::of($this->codes($car), $rules),
            $service->checked => Blinking::of($service->findings, $rules),
            default => $this->checkModeSign($rules),
        };
    }

    /** Twice as fast as where there is no code: common practice, no source. */
    private function checkModeSign(LampCodes $rules): Blinking
    {
        return Blinking::even($rules->evenSeconds / 2.0);
    }

    /** @return list<string> */
    private function codes(Car $car): array
    {
        $codes = [];
        foreach (StoredCodes::in($car->state->memory, $car->vehicle->module->dialect, $car->vehicle->channelIds()) as $code => $stored) {
            if ($stored !== null && $stored->status !== CodeStatus::Pending) {
                $codes[] = (string) $code;
            }
        }

        return $codes;
    }
}
