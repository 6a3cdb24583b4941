<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Evidence\Advice\ProofOfRepair;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\HandedOver;
use Lernfall\Marking\Verdict;

/**
 * Time and parts together, in money, against a sensible diagnosis, the cheapest repairs that put the car right, and their proof.
 * Securing the car and looking cost nothing here.
 */
final readonly class Economy implements Criterion
{
    /** Of the points, where a sound part was spoilt. */
    private const SPOILT_FACTOR = 0.5;

    public function __construct(private Remedies $remedies, private Simulator $simulator, private float $diagnosisMinutes, private ?HandedOver $handedOver = null)
    {
    }

    public function id(): string
    {
        return 'economy';
    }

    public function judge(Job $job): Verdict
    {
        $spent = $this->spent($job);
        $par = $this->par($job);
        $parameters = ['spent' => (int) round($spent), 'par' => (int) round($par)];
        if (! Incoming::isInOrder($job->car) && ($this->handedOver->repairs ?? []) === []) {
            return new Verdict(0.0, null, 'mark.economy.still-faulty', $parameters, 'mark.economy.remedy');
        }
        $share = max(0.0, min(1.0, 2.0 - $spent / $par));
        $spoilt = $this->spoiltAt($job);
        if ($spoilt !== null) {
            return new Verdict(self::SPOILT_FACTOR * $share, $spoilt, 'mark.economy.spoilt', $parameters, 'mark.economy.remedy');
        }

        return $share >= 1.0
            ? new Verdict(1.0, null, 'mark.economy.within', $parameters)
            : new Verdict($share, null, 'mark.economy.over', $parameters, 'mark.economy.remedy');
    }

    /** The step at which a part that had come in sound was spoilt, be it renewed since or not; null where none was. */
    private function spoiltAt(Job $job): ?int
    {
        foreach ($job->steps as $step) {
            if (! $step->action instanceof Repair && $step->before->vehicle != $step->after->vehicle
                && Incoming::withoutMakeshifts($step->before) != Incoming::withoutMakeshifts($step->after) && Incoming::left($step->before) == Incoming::left($step->after)) {
                return $step->number;
            }
        }

        return null;
    }

    private function spent(Job $job): float
    {
        $spent = 0.0;
        foreach ($job->steps as $step) {
            if (! $step->action instanceof Secure && ! $step->action instanceof LookAt) {
                $spent += $step->cost->money + $step->cost->minutes * $this->simulator->workshop->costPerMinute;
            }
        }

        return $spent;
    }

    private function par(Job $job): float
    {
        return ($this->diagnosisMinutes + ProofOfRepair::minutes($this->simulator)) * $this->simulator->workshop->costPerMinute
            + $this->remedies->cost(Car::hypothesis($job->case->arrivedVehicle(), $job->case->sound))
            - $this->remedies->priceOf($this->handedOver->repairs ?? [], $job->case->sound);
    }
}
