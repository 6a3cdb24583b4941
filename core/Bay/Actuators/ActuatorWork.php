<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Lift\OnTheLift;
use Lernfall\Chance\NearLimit;
use Lernfall\Hydraulics\ByHand;
use Lernfall\Hydraulics\LiftOutcome;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\RelayState;
use Lernfall\Vehicle\PartState;

/**
 * Pump and valves by order of a scan terminal, and what the module sees of its switches meanwhile. Where no terminal reaches the module, a switch box between
 * the unit and its plug does what the module would: it pulls the relays and drives the windings with the same currents.
 */
final readonly class ActuatorWork
{
    /** Less than this a foot does not feel, in centimetres. */
    private const FELT_CENTIMETRES = 0.3;

    /** By which one foot differs from another, as a share of that. */
    private const FELT_SPREAD = 0.2;

    /** @return non-empty-list<Branch> */
    public function run(Car $car, TestActuator $test, OnTheLift $lift): array
    {
        if ($car->vehicle->module->talksToScanTools() && ! $this->answers($car)) {
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

        $shown = $isPump ? $this->heard($car, $work, $done) + self::pedal($done) : self::wheels($done, $test, $lift) + self::atTheUnit($done, $test);

        return (new Strain($lift))->on($car, $isPump ? 0 : count($test->channels()), $isPump || $test->buildsUp(), Branch::only($left, Prediction::of('actuator', $shown)));
    }

    /** @return array<string, CategoryFeature> of the pump, and of its relay where that sits in a socket by itself: one whose contacts are welded moves as little as one without a winding */
    private function heard(Car $car, LiftWork $work, LiftOutcome $done): array
    {
        $pump = match (true) {
            ! $done->pumpRuns => 'pump-silent',
            $work->runsUntold() => 'pump-runs-on',
            default => 'pump-runs',
        };
        $unit = $car->vehicle->unit();
        $moves = $unit->wiring->pump->relay === RelayState::Works;

        return ['pump' => CategoryFeature::certain($pump)]
            + ($car->vehicle->brakeParts->has(BrakeParts::PUMP_RELAY) && ! $unit->design->isIntegrated ? ['relay-sound' => CategoryFeature::certain($moves ? 'relay-clicks' : 'relay-silent')] : []);
    }

    /** @return array<string, CategoryFeature> what a hand on the unit and a foot on the pedal tell; where the pump turns it drowns the valves, and what happens before the pedal goes down no foot tells */
    private static function atTheUnit(LiftOutcome $done, TestActuator $test): array
    {
        return $test->buildsUp() ? [] : ['valve-sound' => CategoryFeature::certain($done->valveMoves ? 'valve-clicks' : 'valve-silent')] + ($test->beforePedal ? [] : self::pedal($done));
    }

    /** @return array<string, CategoryFeature> "wheel" of the part that was named, "wheel." and a channel of those driven with it, and "others" of the rest of their circuits */
    private static function wheels(LiftOutcome $done, TestActuator $test, OnTheLift $lift): array
    {
        $features = [];
        foreach ($test->channels() as $number => $channel) {
            $taken = $lift->taken($done->newtonMetres[$channel]);
            $features[$number === 0 ? 'wheel' : "wheel.$channel"] = new CategoryFeature([
                'wheel-held' => $taken[ByHand::Held->value], 'wheel-drags' => $taken[ByHand::Dragging->value], 'wheel-let-go' => $taken[ByHand::Free->value],
            ]);
        }
        if ($test->buildsUp()) {
            return $features;
        }
        $others = array_diff_key($done->newtonMetres, array_flip($test->channels()));

        return $features + ['others' => CategoryFeature::either('others-held', array_product(array_map(static fn (float $one): float => $lift->taken($one)[ByHand::Held->value], $others)), 'another-let-go')];
    }

    /** @return array<string, CategoryFeature> */
    private static function pedal(LiftOutcome $done): array
    {
        $back = NearLimit::above($done->kickCentimetres, self::FELT_CENTIMETRES, self::FELT_SPREAD);
        $down = NearLimit::above(-$done->kickCentimetres, self::FELT_CENTIMETRES, self::FELT_SPREAD);

        return ['pedal' => new CategoryFeature(['pedal-pushed-back' => $back, 'pedal-goes-down' => $down, 'pedal-stays' => 1.0 - $back - $down])];
    }

    /** @return non-empty-list<Branch> */
    public function switches(Car $car): array
    {
        if (! $this->answers($car)) {
            return $this->silent($car);
        }
        $features = [];
        foreach ($car->vehicle->brakeParts->switches() as $part) {
            $features[$part] = CategoryFeature::certain(match ($car->vehicle->brakeParts->state($part)) {
                PartState::Closed => 'stays-closed',
                PartState::Open => 'stays-open',
                default => 'follows',
            });
        }

        return Branch::only($this->held($car), Prediction::of('switches', $features));
    }

    private function answers(Car $car): bool
    {
        return $car->modulePowered() && $car->vehicle->module->talksToScanTools();
    }

    private function held(Car $car): Car
    {
        return $car->vehicle->module->talksToScanTools() ? $car->in($car->state->withSession($car->state->session->inSession(true))) : $car;
    }

    /** @return non-empty-list<Branch> */
    private function silent(Car $car): array
    {
        return Branch::only($car, Prediction::of('no-answer', ['answer' => CategoryFeature::certain('no')]));
    }
}
