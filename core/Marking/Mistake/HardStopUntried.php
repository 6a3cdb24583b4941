<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\ClosedGround\DriveFreely;
use Lernfall\Bay\ClosedGround\FreeFoot;
use Lernfall\Bay\ClosedGround\FreeStretch;
use Lernfall\Bay\ClosedGround\RecordStop;
use Lernfall\Bay\ClosedGround\StopHere;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Pedal\TryPedal;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Marking\RepairReview;

/** Somebody stamped on a brake that nobody had tried: first the pedal at a standstill, then a stop from a walking pace, and both once more after a repair; common practice, no source. */
final readonly class HardStopUntried implements Mistake
{
    public function id(): string
    {
        return 'hard-stop-untried';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        [$pedal, $walked] = [false, false];
        foreach ($job->steps as $step) {
            if ($step->observation->wasRefused()) {
                continue;
            }
            $stop = self::stopIn($step->action);
            $isWalking = $stop?->isWalking() === true;
            if (! ($pedal && $walked) && ! $isWalking && self::isHard($step->action)) {
                return $step->number;
            }
            $pedal = $step->action instanceof TryPedal || $pedal && ! $step->action instanceof Repair;
            $walked = $isWalking || $walked && ! $step->action instanceof Repair;
        }

        return null;
    }

    private static function isHard(Action $action): bool
    {
        return $action instanceof DriveFreely
            ? array_filter($action->parts, static fn (FreeStretch $one): bool => $one->foot === FreeFoot::Hard) !== []
            : self::stopIn($action)?->isHard === true;
    }

    private static function stopIn(Action $action): ?StopHere
    {
        return match (true) {
            $action instanceof RecordStop => $action->stop,
            $action instanceof StopHere => $action,
            default => null,
        };
    }
}
