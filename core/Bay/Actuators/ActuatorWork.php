<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\PartState;

/** What the module does and sees by order of a scan terminal: pump, valves, switches. */
final readonly class ActuatorWork
{
    /** @return non-empty-list<Branch> */
    public function run(Car $car, string $part): array
    {
        if (! $this->answers($car)) {
            return $this->silent($car);
        }
        $parts = $car->vehicle->brakeParts;
        if ($part === BrakeParts::PUMP) {
            $turns = $parts->isSound(BrakeParts::PUMP, BrakeParts::PUMP_RELAY);

            return Branch::only($this->held($car), Prediction::of('actuator', ['pump' => CategoryFeature::certain($turns ? 'pump-runs' : 'pump-silent')]));
        }
        if (! $car->state->lift->isSecured()) {
            return Branch::refused($car, Refusal::Unsecured);
        }
        $letsGo = $parts->isSound($part, BrakeParts::VALVE_RELAY);

        return Branch::only($this->held($car), Prediction::of('actuator', ['wheel' => CategoryFeature::certain($letsGo ? 'wheel-let-go' : 'wheel-held')]));
    }

    /** @return non-empty-list<Branch> */
    public function switches(Car $car): array
    {
        if (! $this->answers($car)) {
            return $this->silent($car);
        }
        $features = [];
        foreach ([BrakeParts::STOP_LAMP_SWITCH, BrakeParts::PARKING_BRAKE_SWITCH, BrakeParts::LEVEL_SWITCH] as $part) {
            if ($car->vehicle->brakeParts->has($part)) {
                $features[$part] = CategoryFeature::certain(match ($car->vehicle->brakeParts->state($part)) {
                    PartState::Closed => 'stays-closed',
                    PartState::Open => 'stays-open',
                    default => $part === BrakeParts::LEVEL_SWITCH ? 'closed' : 'follows',
                });
            }
        }

        return Branch::only($this->held($car), Prediction::of('switches', $features));
    }

    private function answers(Car $car): bool
    {
        return $car->modulePowered() && $car->vehicle->module->lampCodes === null;
    }

    private function held(Car $car): Car
    {
        return $car->in($car->state->withSession($car->state->session->inSession(true)));
    }

    /** @return non-empty-list<Branch> */
    private function silent(Car $car): array
    {
        return Branch::only($car, Prediction::of('no-answer', ['answer' => CategoryFeature::certain('no')]));
    }
}
