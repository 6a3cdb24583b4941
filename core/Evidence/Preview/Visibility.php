<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Preview;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Hands\RockWheel;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Job\CustomerHistory;
use Lernfall\Evidence\Advice\CandidateTests;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/** Whether a car shows a fault by itself or to an instrument: by a lamp, a code, a speed, a reading. What only eyes and hands find is silent. */
final readonly class Visibility
{
    public function __construct(private Simulator $simulator)
    {
    }

    public function shows(Vehicle $sound, Fault $fault): bool
    {
        $faulty = CustomerHistory::of(Car::hypothesis($fault->applyTo($sound), $sound));
        $healthy = CustomerHistory::of(Car::hypothesis($sound, $sound));
        $candidates = new CandidateTests($this->simulator->procedures);
        $here = $sound->hasChannel($fault->channel) ? $candidates->of($sound, $sound->channel($fault->channel)) : [];
        foreach ([...$candidates->ofTheWholeCar($sound), ...$here] as $test) {
            if (! self::isByEyeOrHand($test) && TestComparison::cell($test, $faulty, $healthy, $this->simulator)->differs) {
                return true;
            }
        }

        return false;
    }

    /**
     * The kinds that do not show in their middle strength, at the places where they do not.
     *
     * @param  list<Fault>  $faults
     * @return list<Fault>
     */
    public function silent(Vehicle $sound, array $faults): array
    {
        $known = [];
        $silent = [];
        foreach ($faults as $fault) {
            $alike = self::alike($sound, $fault);
            $known[$alike] ??= $this->shows($sound, $fault);
            if (! $known[$alike]) {
                $silent[] = $fault;
            }
        }

        return $silent;
    }

    /** What of a fault makes a difference to whether it shows: both sides of an axle are built alike. */
    public static function alike(Vehicle $sound, Fault $fault): string
    {
        $axle = $sound->hasChannel($fault->channel) ? $sound->channel($fault->channel)->place->axle : '';

        return implode(':', [$fault->kind->id, $axle === '' ? $fault->channel : $axle, $fault->conductor, $fault->strength, $fault->provokedBy->value ?? '']);
    }

    private static function isByEyeOrHand(CandidateTest $test): bool
    {
        return array_filter($test->looks, static fn (CarAction $look): bool => ! $look instanceof LookAt && ! $look instanceof RockWheel) === [];
    }
}
