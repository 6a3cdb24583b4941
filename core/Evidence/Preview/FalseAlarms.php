<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Preview;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Drive\Route;
use Lernfall\Module\Failure;
use Lernfall\Vehicle\Vehicle;

/** Whether a car with nothing wrong sets a code on one of the drives: then its values do not belong together. */
final readonly class FalseAlarms
{
    public function __construct(private Simulator $simulator)
    {
    }

    /**
     * Every drive there is, each begun by a car that has just come in.
     *
     * @param  int  $cars  as parts scatter
     * @return list<array{route: string, channel: string, failure: string}> each once; empty where the car is in order
     */
    public function of(Vehicle $vehicle, int $cars): array
    {
        $sound = new FaultCase('', '', '', $vehicle, []);
        $found = [];
        foreach (Route::cases() as $route) {
            for ($car = 1; $car <= $cars; $car++) {
                $job = Job::begin($sound, "sound car $car")->do(new TurnKey(Ignition::Running), $this->simulator)->do(new RoadTest($route), $this->simulator);
                $found += $this->held($job, $vehicle, $route);
            }
        }

        return array_values($found);
    }

    /** @return array<string, array{route: string, channel: string, failure: string}> */
    private function held(Job $job, Vehicle $vehicle, Route $route): array
    {
        $held = [];
        foreach ([Vehicle::WHOLE, ...$vehicle->channelIds()] as $channel) {
            foreach (Failure::cases() as $failure) {
                if ($job->car()->state->memory->status($channel, $failure) !== null) {
                    $held["$channel/$failure->value"] = ['route' => $route->value, 'channel' => $channel, 'failure' => $failure->value];
                }
            }
        }

        return $held;
    }
}
