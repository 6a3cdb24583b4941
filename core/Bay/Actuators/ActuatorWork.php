<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Lift\OnTheLift;
use Lernfall\Hydraulics\ByHand;
use Lernfall\Hydraulics\LiftOutcome;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\PartState;

/** What the module does and sees by order of a scan terminal: pump, valves, switches. */
final readonly class ActuatorWork
{
    /** Less than this a foot does not feel, in centimetres. */
    private const FELT_CENTIMETRES = 0.3;

    /** @return non-empty-list<Branch> */
    public function run(Car $car, TestActuator $test, OnTheLift $lift): array
    {
        if (! $this->answers($car)) {
            return $this->silent($car);
        }
        $isPump = $test->part === BrakeParts::PUMP;
        if (! $isPump && ! $car->state->lift->isSecured()) {
            return Branch::refused($car, Refusal::Unsecured);
        }
        $work = new LiftWork($car, $lift);
        $done = $work->done($test);
        $left = $this->held($car);
        $left = $left->in($left->state->withAccumulated([...$left->state->lasting->accumulatedCubicCentimetres, ...$done->state->accumulated]));

        return Branch::only($left, Prediction::of('actuator', $isPump ? ['pump' => CategoryFeature::certain($this->heard($work, $done))] + self::pedal($done) : self::wheels($done, $test) + ($test->beforePedal || $test->buildsUp() ? [] : self::pedal($done))));
    }

    private function heard(LiftWork $work, LiftOutcome $done): string
    {
        return match (true) {
            ! $done->pumpRuns => 'pump-silent',
            $work->runsUntold() => 'pump-runs-on',
            default => 'pump-runs',
        };
    }

    /** @return array<string, CategoryFeature> "wheel" of the part that was named, and "wheel." and a channel of the others */
    private static function wheels(LiftOutcome $done, TestActuator $test): array
    {
        $features = [];
        foreach ($test->channels() as $number => $channel) {
            $features[$number === 0 ? 'wheel' : "wheel.$channel"] = CategoryFeature::certain(match ($done->wheels[$channel]) {
                ByHand::Held => 'wheel-held',
                ByHand::Dragging => 'wheel-drags',
                ByHand::Free => 'wheel-let-go',
            });
        }

        return $features;
    }

    /** @return array<string, CategoryFeature> */
    private static function pedal(LiftOutcome $done): array
    {
        return ['pedal' => CategoryFeature::certain(match (true) {
            $done->kickCentimetres > self::FELT_CENTIMETRES => 'pedal-pushed-back',
            $done->kickCentimetres < -self::FELT_CENTIMETRES => 'pedal-goes-down',
            default => 'pedal-stays',
        })];
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
