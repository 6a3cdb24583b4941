<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\CarState;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\ClosedGround\DriveFreely;
use Lernfall\Bay\ClosedGround\PullAway;
use Lernfall\Bay\ClosedGround\RecordStop;
use Lernfall\Bay\ClosedGround\StopHere;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Drives;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\Job\CustomerHistory;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Pedal\TryPedal;
use Lernfall\Bay\Rollers\BrakeOnRollers;
use Lernfall\Drive\HubWarming;
use Lernfall\Drive\Provoking;
use Lernfall\Evidence\Belief\Distinguishability;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Port;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/**
 * When a fault would have shown itself again, had it still been there: the same steps done to a car that has it and to a
 * sound one. A proof on which it could not have shown proves nothing.
 */
final readonly class Recurrence
{
    /** What the module and its lamps tell, as against what eyes and meters find. */
    private const TOLD = ['codes', 'lamps', 'lamp-watched', 'speeds', 'recording', 'actuator', 'switches', 'no-answer', 'pedal-tried', 'rolled', 'turned', 'stopped', 'stop-recorded', 'pulled-away', 'driven-freely'];

    /** A drive of some length, where nothing but the part itself tells of a fault; common practice, no source. */
    private const ROLLS_FROM_METRES_PER_SECOND = 5.0;

    private const FAR_METRES = 200.0;

    public function __construct(private Simulator $simulator)
    {
    }

    /** The step from this one on by which every fault of the case would have shown; null where one of them would not. */
    public function step(Job $job, int $from): ?int
    {
        $begin = $job->step($from)?->before->state;
        $steps = array_values(array_filter($job->steps, static fn (Step $step): bool => $step->number >= $from && $step->wasDone()));
        $by = [];
        if ($begin === null) {
            return null;
        }
        foreach ($this->vehicles($job) as $vehicle) {
            $shown = $this->shows($vehicle, $job->case->sound, $begin, $steps) ?? (self::isSilent($job, $vehicle) ? self::driven($steps) : null);
            if ($shown === null) {
                return null;
            }
            $by[] = $shown;
        }

        return $by === [] ? null : max($by);
    }

    /** Whether what the customer tells of was brought about again from a step on: by hand, or on a drive that does. */
    public function wasUnder(Job $job, int $from, Provocation $circumstance): bool
    {
        foreach ($job->steps as $step) {
            $drive = $step->action instanceof Drives ? $step->action->drive() : null;
            $isDone = $step->number > $from && $step->wasDone();
            if ($isDone && ($step->action instanceof Provoke && $step->action->how === $circumstance
                || $drive !== null && $circumstance !== Provocation::Wet && $drive->metresAbove(self::ROLLS_FROM_METRES_PER_SECOND) >= self::FAR_METRES && Provoking::on($drive, $circumstance, HubWarming::from($step->before->vehicle->climate, $step->before->state->lasting->warmth->hubRiseKelvin)))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Vehicle> with each of the faults alone; where nothing is to be repaired, with an input that hears nothing */
    private function vehicles(Job $job): array
    {
        if (! $job->case->needsNoRepair()) {
            return array_map(static fn (Fault $fault): Vehicle => $job->case->withOnly($fault)->arrivedVehicle(), $job->case->faults);
        }
        $place = $job->case->faults[0]->channel ?? '';
        $channel = $job->case->sound->channel($job->case->sound->hasChannel($place) ? $place : $job->case->sound->channelIds()[0]);

        return [$job->case->sound->withChannel($channel->withPort(Port::Deaf))];
    }

    /** @param  list<Step>  $steps */
    private function shows(Vehicle $faulty, Vehicle $sound, CarState $begin, array $steps): ?int
    {
        $one = Car::hypothesis($faulty, $sound)->in($begin);
        $other = Car::hypothesis($sound, $sound)->in($begin);
        $tried = false;
        foreach ($steps as $step) {
            if (! $step->action instanceof CarAction) {
                continue;
            }
            [$there, $here] = [Branch::likeliest($this->simulator->predict($one, $step->action)), Branch::likeliest($this->simulator->predict($other, $step->action))];
            [$one, $other] = [$there->car, $here->car];
            $tried = $tried || self::isTrial($step);
            if ($tried && ($this->tellApart($there->prediction, $here->prediction) || $one->state->memory != $other->state->memory && ! $one->state->memory->isEmpty())) {
                return $step->number;
            }
        }

        return null;
    }

    private function tellApart(Prediction $one, Prediction $other): bool
    {
        if (! in_array($one->kind, self::TOLD, true)) {
            return false;
        }
        if ($one->kind !== $other->kind) {
            return true;
        }
        foreach ($one->features as $name => $feature) {
            $counterpart = $other->features[$name] ?? null;
            if ($counterpart === null || Distinguishability::predictions($feature, $counterpart)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether its module never noticed it on the road, or would not on the average car: then only the part itself tells, and a drive may do. What is
     * wrong with the brakes themselves shows on the lift, at the pedal or on the rollers, and has to be tried there again.
     */
    private static function isSilent(Job $job, Vehicle $vehicle): bool
    {
        return $vehicle->brakeParts->unit === $job->case->sound->brakeParts->unit && (($job->steps[0] ?? null)?->before->state->memory->isEmpty() === true
            || CustomerHistory::of(Car::hypothesis($vehicle, $job->case->sound))->state->memory->isEmpty());
    }

    /** @param  list<Step>  $steps */
    private static function driven(array $steps): ?int
    {
        foreach ($steps as $step) {
            if (self::isFar($step)) {
                return $step->number;
            }
        }

        return null;
    }

    /** Whether it tries again what had failed: a key cycle for what is tested at key-on, a drive, a stop or a start on closed ground, or a part commanded. Clearing alone does not. */
    private static function isTrial(Step $step): bool
    {
        return $step->action instanceof TurnKey && $step->action->to !== Ignition::Off || $step->action instanceof TestActuator || $step->action instanceof TryPedal || $step->action instanceof BrakeOnRollers
            || $step->action instanceof StopHere || $step->action instanceof RecordStop || $step->action instanceof PullAway || $step->action instanceof DriveFreely || self::isFar($step);
    }

    private static function isFar(Step $step): bool
    {
        return $step->action instanceof Drives && ($step->action->drive()?->metresAbove(self::ROLLS_FROM_METRES_PER_SECOND) ?? 0.0) >= self::FAR_METRES;
    }
}
