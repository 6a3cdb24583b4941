<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Hydraulics\BrakeState;
use Lernfall\Hydraulics\ByHand;
use Lernfall\Hydraulics\LiftOutcome;
use Lernfall\Hydraulics\LiftTest;
use Lernfall\Hydraulics\UnitAsItIs;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\PartState;
use LogicException;

/** What the module does and sees by order of a scan terminal: pump, valves, switches. */
final readonly class ActuatorWork
{
    /** @return non-empty-list<Branch> */
    public function run(Car $car, string $part, OnTheLift $lift): array
    {
        if (! $this->answers($car)) {
            return $this->silent($car);
        }
        if ($part === BrakeParts::PUMP) {
            $turns = $this->commanded($car, $lift, $part)->pumpRuns;

            return Branch::only($this->held($car), Prediction::of('actuator', ['pump' => CategoryFeature::certain($turns ? 'pump-runs' : 'pump-silent')]));
        }
        if (! $car->state->lift->isSecured()) {
            return Branch::refused($car, Refusal::Unsecured);
        }
        $wheel = $this->commanded($car, $lift, $part)->wheels[BrakeParts::channelOf($part)];

        return Branch::only($this->held($car), Prediction::of('actuator', ['wheel' => CategoryFeature::certain($wheel === ByHand::Held ? 'wheel-held' : 'wheel-let-go')]));
    }

    /**
     * The pump run, or a wheel let go while a helper holds the pedal. Worked out once for all cars whose unit is the same.
     *
     * Assumed: the accumulators are empty before each test, as the tool has the pump run after it.
     */
    private function commanded(Car $car, OnTheLift $lift, string $part): LiftOutcome
    {
        $parts = $car->vehicle->brakeParts;
        $electrical = $car->electrical();
        $celsius = $car->vehicle->climate->ambientCelsius;
        $helped = "$lift->footNewtons $lift->pressSeconds $lift->commandSeconds $lift->dragsFromNewtonMetres $lift->heldFromNewtonMetres";

        return Memo::with($parts, "commanded $part $electrical->systemVolts $electrical->batteryOhms $celsius $helped", static function () use ($parts, $lift, $part, $electrical, $celsius): LiftOutcome {
            $unit = UnitAsItIs::of($parts, $parts->unit ?? throw new LogicException('a car without a hydraulic unit has no actuators'));
            $hydraulics = $part === BrakeParts::PUMP ? $unit->hydraulics : $unit->hydraulics->circuitOf(BrakeParts::channelOf($part));
            $test = new LiftTest($hydraulics, $unit->wiring, $unit->master, $lift->dragsFromNewtonMetres, $lift->heldFromNewtonMetres, $celsius);
            $rest = BrakeState::atRest($hydraulics);
            if ($part === BrakeParts::PUMP) {
                return $test->commanded($rest, 0.0, new UnitOrder(pump: true), $electrical, $lift->commandSeconds);
            }
            $pressed = $test->commanded($rest, $lift->footNewtons, new UnitOrder, $electrical, $lift->pressSeconds);

            return $test->commanded($pressed->state, $lift->footNewtons, UnitOrder::valves($unit->wiring->driven(BrakeParts::channelOf($part), Modulation::Reduce)), $electrical, $lift->commandSeconds);
        });
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
