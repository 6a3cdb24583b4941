<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Worksheet\Conclude;

/** Whether a job ended with a car on the road that has to be carried: its red lamp is lit, or its brakes themselves are in doubt. */
final readonly class DrivenAway
{
    private const RED = 'brake';

    public function __construct(private Simulator $simulator)
    {
    }

    /** @param  bool  $doubtsPedal  by what the customer says */
    public function unsafely(Job $job, bool $doubtsPedal): ?Note
    {
        $close = $job->lastStep()?->action;
        if (! $close instanceof Conclude || $close->handOver?->isDriven() === false) {
            return null;
        }

        return match (true) {
            $this->isRedLampLit($job->car) => Note::DrivenWithRedLamp,
            $doubtsPedal && ! Incoming::isInOrder($job->car) => Note::DrivenOnDoubtfulPedal,
            default => null,
        };
    }

    private function isRedLampLit(Car $car): bool
    {
        $running = Branch::likeliest($this->simulator->predict($car, new TurnKey(Ignition::Running)))->car;
        $red = Branch::likeliest($this->simulator->predict($running, new LookAtLamps))->prediction->features[self::RED] ?? null;

        return $red instanceof CategoryFeature && $red->likeliest() !== 'off';
    }
}
