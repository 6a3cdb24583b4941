<?php

declare(strict_types=1);

namespace Lernfall\Bay\Lamps;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Module\Blinking;
use Lernfall\Module\CodeStatus;
use Lernfall\Module\PartsCheck;
use Lernfall\Module\StoredCodes;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\LampCodes;
use Lernfall\Vehicle\PartState;
use Lernfall\Vehicle\Vehicle;

/** The lamps as the driver sees them, and the ways to make one of them blink what the module knows. */
final readonly class LampWork
{
    private const ABS = 'abs';

    private const BRAKE = 'brake';

    private const TRACTION = 'traction';

    /** Parts without which brake force can still be shared out. */
    private const NOT_FOR_DISTRIBUTION = [BrakeParts::PUMP, BrakeParts::PUMP_RELAY, BrakeParts::TRACTION_VALVES, BrakeParts::STOP_LAMP_SWITCH];

    public function look(Car $car): Prediction
    {
        $features = [];
        $warns = $this->warns($car);
        foreach ($car->vehicle->model->lamps as $lamp) {
            $features[$lamp] = CategoryFeature::certain($this->state($car, $lamp, $warns));
            if ($car->state->isPowered()) {
                $features["bulb.$lamp"] = CategoryFeature::certain($car->vehicle->brakeParts->state(BrakeParts::lamp($lamp)) === PartState::Open ? 'dark' : 'lit');
            }
        }
        $message = $warns ? $this->message($car) : 'none';
        $features['message'] = CategoryFeature::certain($message);
        foreach (in_array($message, ['systems-off', 'distribution-lost'], true) ? $car->vehicle->module->lamps->alsoLost : [] as $lost) {
            $features["message.$lost"] = CategoryFeature::certain('shown');
        }

        return Prediction::of('lamps', $features, $car->state->isPowered() ? [] : [Note::LampsIgnitionOff]);
    }

    /** Whether its module keeps braked wheels from locking: nothing has made it give that up. */
    public function isControlling(Car $car): bool
    {
        return $car->state->isPowered() && ! $this->warns($car);
    }

    /** Whether its module can share out the brake force between the axles, be it all that it still does: that needs its valves, and enough wheels to go by. */
    public function isDistributing(Car $car): bool
    {
        $module = $car->vehicle->module;
        $needed = array_diff((new PartsCheck($car->vehicle->brakeParts, $module->dialect))->subjects(), self::NOT_FOR_DISTRIBUTION);

        return $car->state->isPowered() && $car->modulePowered() && ! $this->isShutOff($car) && ! $this->hasLostDistribution($car)
            && ! ($this->warns($car) && in_array(self::BRAKE, $module->lamps->onFault, true))
            && ! $car->state->memory->isAnyFailing($needed);
    }

    /** Whether its module keeps driven wheels from spinning now. A brake that seems to be pressed ends that; common practice, no source. */
    public function isTractionControlling(Car $car): bool
    {
        return $this->isControlling($car) && ! $this->isTractionOff($car) && ! $car->vehicle->brakeParts->isClosed(BrakeParts::STOP_LAMP_SWITCH, false);
    }

    /** Whether there is traction control: its lamp says so. */
    public function hasTractionControl(Vehicle $vehicle): bool
    {
        return in_array(self::TRACTION, $vehicle->model->lamps, true);
    }

    /** As for any lamp, with "burnt" for one that cannot light; "" where there is none. */
    public function tractionLamp(Car $car): string
    {
        return match (true) {
            ! $this->hasTractionControl($car->sound) => '',
            $car->vehicle->brakeParts->state(BrakeParts::lamp(self::TRACTION)) === PartState::Open => 'burnt',
            default => $this->state($car, self::TRACTION, $this->warns($car)),
        };
    }

    /**
     * What a driver tells of the traction lamp, put right by what the lamp can show: it may be lit all the time, burnt, or not there.
     *
     * @param  array<string, CategoryFeature>  $told  by what it is about, of the lamp by how the module was at work
     * @return array<string, CategoryFeature>
     */
    public function withTractionLamp(Car $car, array $told): array
    {
        $lamp = $this->tractionLamp($car);

        return match (true) {
            $lamp === '' => array_diff_key($told, ['lamp' => null]),
            $lamp === 'off' || ! isset($told['lamp']) => $told,
            default => [...$told, 'lamp' => CategoryFeature::certain($lamp === 'on' ? 'lamp-lit' : 'lamp-dark')],
        };
    }

    /** "on", "off" or "blinks". */
    private function state(Car $car, string $lamp, bool $warns): string
    {
        $bulb = $car->vehicle->brakeParts->state(BrakeParts::lamp($lamp));

        return match (true) {
            ! $car->state->isPowered() || $bulb === PartState::Open => 'off',
            $bulb === PartState::Closed => 'on',
            $lamp === self::ABS && $this->blinking($car) !== null => 'blinks',
            $lamp === self::BRAKE => $this->brakeWarns($car, $warns) ? 'on' : 'off',
            $lamp === self::TRACTION && $this->isTractionOff($car) => 'on',
            default => $warns && in_array($lamp, $car->vehicle->module->lamps->onFault, true) ? 'on' : 'off',
        };
    }

    /** The red one: parking brake pulled, or so it seems; too little fluid; or brake force no longer shared out. */
    private function brakeWarns(Car $car, bool $warns): bool
    {
        return $car->vehicle->brakeParts->state(BrakeParts::PARKING_BRAKE_SWITCH) === PartState::Closed || ! $car->vehicle->brakeParts->isSound(BrakeParts::FLUID)
            || $this->hasLostDistribution($car)
            || $warns && in_array(self::BRAKE, $car->vehicle->module->lamps->onFault, true);
    }

    /** Fail-safe in two steps: first ABS and traction control go, then the sharing of brake force between the axles. */
    private function hasLostDistribution(Car $car): bool
    {
        $from = $car->vehicle->module->lamps->distributionLostFrom;

        return $from !== null && $car->state->isPowered()
            && (! $car->modulePowered() || count($car->state->memory->failing($car->vehicle->channelIds())) >= $from);
    }

    private function warns(Car $car): bool
    {
        return $car->state->isPowered()
            && (! $car->modulePowered() || $car->state->memory->asksForLamp() || $this->isHeld($car) || $this->isShutOff($car));
    }

    /** An open level switch in the hydraulic unit switches the systems off, and no code is stored for it. */
    private function isShutOff(Car $car): bool
    {
        return $car->vehicle->brakeParts->state(BrakeParts::LEVEL_SWITCH) === PartState::Open;
    }

    /** Brakes that seem too hot leave traction control off; ABS stays. Common practice, no source. */
    private function isTractionOff(Car $car): bool
    {
        return $car->modulePowered() && ! $car->vehicle->brakeParts->isClosed(BrakeParts::TEMPERATURE_SWITCH, false);
    }

    private function isHeld(Car $car): bool
    {
        return $car->state->session->inSession && $car->vehicle->module->lamps->litInSession;
    }

    /** Of a car whose lamp warns. */
    private function message(Car $car): string
    {
        return match (true) {
            $this->hasLostDistribution($car) => 'distribution-lost',
            $this->isHeld($car) && $car->modulePowered() && ! $car->state->memory->asksForLamp() && ! $this->isShutOff($car) => 'diagnosis',
            default => 'systems-off',
        };
    }

    /** @param  ?Blinking  $blinking  null where the lamp does not blink */
    public function watched(Car $car, ?Blinking $blinking): Prediction
    {
        return Prediction::of('lamp-watched', ['lamp' => CategoryFeature::certain($blinking === null ? $this->state($car, self::ABS, $this->warns($car)) : $blinking->text())]);
    }

    /** What the lamp blinks now; null where it does not. */
    public function blinking(Car $car): ?Blinking
    {
        $rules = $car->vehicle->module->lampCodes;
        $session = $car->state->session;
        if ($rules === null || $rules->cycle !== null || ! $session->connectorOpen || ! $car->modulePowered()) {
            return null;
        }

        return match (true) {
            ! $session->checkMode => Blinking::of($this->codes($car), $rules),
            $session->checked => Blinking::of($session->findings, $rules),
            default => $this->checkModeSign($rules),
        };
    }

    /** Twice as fast as where there is no code: common practice, no source. */
    private function checkModeSign(LampCodes $rules): Blinking
    {
        return Blinking::even($rules->timing->evenSeconds / 2.0);
    }

    /** @return list<string> what the module would blink, in no order */
    public function codes(Car $car): array
    {
        $codes = [];
        foreach (StoredCodes::in($car->state->memory, $car->vehicle->module->dialect, $car->vehicle->inputs(), (new PartsCheck($car->vehicle->brakeParts, $car->vehicle->module->dialect))->subjects()) as $code => $stored) {
            if ($stored !== null && $stored->status !== CodeStatus::Pending) {
                $codes[] = (string) $code;
            }
        }

        return $codes;
    }
}
