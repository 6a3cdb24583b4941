<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Evidence\Belief\Posterior;
use Lernfall\Evidence\Belief\Separating;

/**
 * Which readings separate: after all of them together, what a repair would leave is unlikely, and each of them has made it
 * clearly less likely than it was by what came before.
 */
final readonly class Separation
{
    /** Rivals are counted from the likeliest cars down until this share is covered, and no more than so many. */
    private const COVERED = 0.999;

    private const AT_MOST = 250;

    public function __construct(public Remedies $remedies, private Separating $separating)
    {
    }

    /**
     * @param  HypothesisSet  $set  before the repair
     * @param  array<int, Observation>  $readings  what they rest on, by the step that showed it
     * @param  array<int, Step>  $steps  of the job, by number
     */
    public function of(Repair $repair, HypothesisSet $set, array $readings, array $steps): Separated
    {
        $before = null;
        $separating = [];
        $moves = [];
        $inTurn = $set->inTurn($readings);
        foreach ($inTurn as $number => $posterior) {
            $rivals = $this->rivals($repair, $set, $posterior);
            $step = $steps[$number] ?? null;
            $moves[$number] = abs($rivals - ($before ?? $rivals));
            if ($before !== null && $step !== null && self::isReading($step, $repair) && self::odds($rivals) * $this->separating->factor <= self::odds($before)) {
                $separating[] = $number;
            }
            $before = $rivals;
        }

        return $separating === []
            ? new Separated($separating, 0.0, $moves, $before)
            : new Separated($separating, Closeness::share($inTurn[array_key_last($inTurn)], fn (Posterior $shifted): bool => $this->rivals($repair, $set, $shifted) <= $this->separating->rivalsUpTo), $moves, $before);
    }

    /** Whether all that a repair would leave is as unlikely as it has to be. */
    public function isEnough(Separated $separated): bool
    {
        return $separated->rivals <= $this->separating->rivalsUpTo;
    }

    /** Lamps and codes are what a car comes with: they name a circuit, not a part, until something was moved or joined. For the lamps themselves a look at them is the reading. */
    private static function isReading(Step $step, Repair $repair): bool
    {
        if (CodesShown::at($step) !== null) {
            return $step->before->isRearranged();
        }

        return ! $step->action instanceof LookAtLamps || $repair->kind->stations() === ['lamps'];
    }

    /** The chance of all that this repair would leave as it is. */
    private function rivals(Repair $repair, HypothesisSet $set, Posterior $posterior): float
    {
        $ways = $set->likeliest();
        $helped = 0.0;
        $all = 0.0;
        foreach ($posterior->covering(self::COVERED, self::AT_MOST) as $hypothesis) {
            $all += $posterior->chances[$hypothesis];
            $helped += $this->remedies->helps($ways[$hypothesis]->car, $repair) ? $posterior->chances[$hypothesis] : 0.0;
        }

        return 1.0 - $helped / $all;
    }

    private static function odds(float $chance): float
    {
        return $chance / max(1e-9, 1.0 - $chance);
    }
}
