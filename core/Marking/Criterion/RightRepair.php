<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Worksheet\NameCause;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\Decisions;
use Lernfall\Marking\HandedOver;
use Lernfall\Marking\Mistake\TwoAtOnce;
use Lernfall\Marking\NamedPlace;
use Lernfall\Marking\RepairEffect;
use Lernfall\Marking\RepairReview;
use Lernfall\Marking\School\CorrodedPlug;
use Lernfall\Marking\School\TwoRepairs;
use Lernfall\Marking\Verdict;
use Lernfall\Vehicle\Channel;

/** The car is in order again, by the repair it needed and no other. */
final readonly class RightRepair implements Criterion
{
    private const ONE_NEEDLESS_SHARE = 0.5;

    private const MORE_NEEDLESS_SHARE = 0.25;

    private const DEAR_SHARE = 0.6;

    private const MISNAMED_SHARE = 0.8;

    /** Handed over what this workshop makes itself, with its cause named. */
    private const OWN_WORK_SHARE = 0.5;

    /** A cable mended and left where it rubs is mended for a while. */
    private const COMES_BACK_SHARE = 0.5;

    /** Of two repairs at once, where the policy forbids them. */
    private const TWO_AT_ONCE_FACTOR = 0.5;

    /** Of the points at most, where it only leaves the cause open. */
    private const CAUSE_OPEN_SHARE = 0.8;

    /** What one repair that nothing on the card supported takes of the points. */
    private const UNSUPPORTED_LOSS = 0.5;

    /**
     * @param  list<RepairReview>  $reviews
     * @param  ?HandedOver  $handedOver  null where the car went back to its owner
     */
    public function __construct(private Remedies $remedies, private array $reviews, private ?HandedOver $handedOver, private TwoRepairs $twoRepairs = TwoRepairs::CauseOpen, private CorrodedPlug $corrodedPlug = CorrodedPlug::Clean)
    {
    }

    public function id(): string
    {
        return 'repair';
    }

    /** The first repair without support halves the points, a second one ends them. */
    public function judge(Job $job): Verdict
    {
        $verdict = $this->oneByOne($job, $this->repaired($job));
        $unsupported = $this->unsupported();
        if ($unsupported === [] || $verdict->share === 0.0) {
            return $verdict;
        }
        $lacking = array_sum(array_map(static fn (RepairReview $one): float => 1.0 - $one->support(), $unsupported));

        return new Verdict(
            max(0.0, 1.0 - self::UNSUPPORTED_LOSS * $lacking) * $verdict->share, $unsupported[0]->step,
            match (true) {
                count($unsupported) > 1 => 'mark.repair.unsupported-again',
                $unsupported[0]->isSupported() => 'mark.repair.close',
                default => 'mark.repair.unsupported',
            }, [], 'mark.reasoning.remedy',
        );
    }

    /** @return list<RepairReview> repairs that the card did not support, or not in full */
    private function unsupported(): array
    {
        return array_values(array_filter($this->reviews, static fn (RepairReview $one): bool => $one->repair !== null && $one->support() < 1.0 && ! $one->isUnwritten()));
    }

    /** Two repairs without a look at the codes between them leave the cause open, unless the card carried each of them. */
    private function oneByOne(Job $job, Verdict $verdict): Verdict
    {
        $second = (new TwoAtOnce($this->corrodedPlug))->step($job, []);
        if ($second === null || $verdict->share === 0.0) {
            return $verdict;
        }

        return match (true) {
            $this->twoRepairs === TwoRepairs::Forbidden => new Verdict(self::TWO_AT_ONCE_FACTOR * $verdict->share, $second, 'mark.repair.two-forbidden', [], 'mark.repair.one-by-one'),
            $verdict->share > self::CAUSE_OPEN_SHARE && $this->unsupported() !== [] => new Verdict(self::CAUSE_OPEN_SHARE, $second, 'mark.repair.two-at-once', [], 'mark.repair.one-by-one'),
            default => $verdict,
        };
    }

    private function repaired(Job $job): Verdict
    {
        $repairs = Decisions::in($job, $this->corrodedPlug);
        if ($this->handedOver !== null) {
            return $this->leftToOthers($job, $this->handedOver, $this->needless($job, $repairs));
        }
        if ($repairs === []) {
            return $this->unrepaired($job);
        }
        if (! Incoming::isInOrder($job->car)) {
            $unrouted = $this->onlyUnrouted($job, $repairs);
            if ($unrouted !== null) {
                return new Verdict(self::COMES_BACK_SHARE, $unrouted, 'mark.repair.comes-back', [], 'mark.repair.route-it');
            }

            $last = $repairs[count($repairs) - 1];
            if ($this->onlyUnfinished($job)) {
                return new Verdict(self::COMES_BACK_SHARE, $last->number, 'mark.repair.unfinished', [], 'mark.repair.finish-it');
            }

            return new Verdict(0.0, $repairs[0]->number, 'mark.repair.still-faulty', [], 'mark.repair.remedy');
        }

        return $this->unneeded($this->needless($job, $repairs)) ?? $this->removed($job, $repairs[count($repairs) - 1]);
    }

    /**
     * @param  list<Step>  $repairs
     * @return list<Step> those that had nothing to mend
     */
    private function needless(Job $job, array $repairs): array
    {
        return array_values(array_filter($repairs, fn (Step $step): bool => ! (new RepairEffect($this->remedies))->hasMended($job, $step)));
    }

    /** @param  list<Step>  $needless */
    private function unneeded(array $needless): ?Verdict
    {
        return match (count($needless)) {
            0 => null,
            1 => new Verdict(self::ONE_NEEDLESS_SHARE, $needless[0]->number, 'mark.repair.needless', [], 'mark.repair.test-first'),
            default => new Verdict(self::MORE_NEEDLESS_SHARE, $needless[0]->number, 'mark.repair.needless-many', ['times' => count($needless)], 'mark.repair.test-first'),
        };
    }

    /**
     * Right where this workshop does not make what is still needed, and its cause is named.
     *
     * @param  list<Step>  $needless  repairs made before
     */
    private function leftToOthers(Job $job, HandedOver $handedOver, array $needless): Verdict
    {
        $needed = array_map(Remedies::key(...), $this->remedies->of($job->car) ?? []);
        $asked = array_map(Remedies::key(...), $handedOver->repairs);
        $own = array_filter($handedOver->repairs, static fn (Repair $one): bool => ! in_array($one->kind->value, $job->case->madeElsewhere, true));
        $named = $this->rightlyNamed($job, PHP_INT_MAX);

        return match (true) {
            $needed === [] => new Verdict(0.0, $handedOver->step, 'mark.repair.handed-over-sound', [], 'mark.repair.give-back'),
            array_diff($needed, $asked) !== [] => new Verdict(0.0, $handedOver->step, 'mark.repair.handed-over-unnamed', [], 'mark.repair.name-it'),
            $needless !== [] => $this->unneeded($needless) ?? new Verdict(0.0, $handedOver->step, 'mark.repair.needless'),
            $own !== [] => new Verdict(self::OWN_WORK_SHARE, $handedOver->step, 'mark.repair.handed-over-own', [], 'mark.repair.mend-here'),
            count($named) < count($job->case->faults) => $this->misnamed($job, $named, $handedOver->step, 'mark.repair.misnamed'),
            default => new Verdict(1.0, $handedOver->step, 'mark.repair.handed-over'),
        };
    }

    /** Whether nothing is left to do but what belongs to the repairs that were made: bleeding, coding. */
    private function onlyUnfinished(Job $job): bool
    {
        $left = array_map(static fn (Repair $one): RepairKind => $one->kind, $this->remedies->of($job->car) ?? []);

        return $left !== [] && array_filter($left, static fn (RepairKind $one): bool => ! in_array($one, [RepairKind::BleedBrakes, RepairKind::BleedBrake, RepairKind::CodeUnit], true)) === []
            && ($job->car->arrived->brakeParts->unit?->hydraulics->hasAir() === false);
    }

    /**
     * The step of a mended cable that was left where it rubs, where nothing else is wrong any more.
     *
     * @param  list<Step>  $repairs
     */
    private function onlyUnrouted(Job $job, array $repairs): ?int
    {
        $vehicle = Incoming::withoutMakeshifts($job->car);
        foreach ($vehicle->channels as $channel) {
            $vehicle = $vehicle->withChannel($channel->inEveryState(static fn (Channel $state): Channel => $state->withLink($state->cable('loom')->misrouted(false))));
        }
        if ($vehicle != $job->case->sound) {
            return null;
        }
        foreach (array_reverse($repairs) as $step) {
            if ($step->action instanceof Repair && ! $step->action->routes) {
                return $step->number;
            }
        }

        return null;
    }

    /** Right where nothing was at fault, or where a plug pushed home was the whole repair; and the cause has to be named. */
    private function unrepaired(Job $job): Verdict
    {
        if (! Incoming::isInOrder($job->car)) {
            $makeshift = array_values(array_filter($job->stepsOf(Repair::class), static fn (Step $step): bool => $step->wasDone()))[0] ?? null;

            return new Verdict(0.0, $makeshift?->number, $makeshift === null ? 'mark.repair.none' : 'mark.repair.makeshift', [], 'mark.repair.remedy');
        }
        $named = $job->case->faults === [] ? $this->namedNormal($job) : $this->rightlyNamed($job, PHP_INT_MAX);

        return count($named) >= max(1, count($job->case->faults))
            ? new Verdict(1.0, $named[0]->number, 'mark.repair.nothing-needed')
            : $this->misnamed($job, $named, null, 'mark.repair.nothing-misnamed');
    }

    /**
     * Every cause that is named gives its part of what naming is worth.
     *
     * @param  list<Step>  $named
     */
    private function misnamed(Job $job, array $named, ?int $step, string $none): Verdict
    {
        $faults = max(1, count($job->case->faults));

        return $named === []
            ? new Verdict(self::MISNAMED_SHARE, $step, $none, [], 'mark.repair.name-it')
            : new Verdict(
                self::MISNAMED_SHARE + (1.0 - self::MISNAMED_SHARE) * count($named) / $faults, $step ?? $named[0]->number,
                'mark.repair.named-in-part', ['named' => count($named), 'faults' => $faults], 'mark.repair.name-it',
            );
    }

    private function removed(Job $job, Step $repair): Verdict
    {
        $needed = $this->remedies->of(Car::hypothesis($job->case->arrivedVehicle(), $job->case->sound)) ?? [];
        if (count($needed) === 1 && $repair->action instanceof Repair && $this->remedies->price($repair->action, $job->case->sound) > $this->remedies->price($needed[0], $job->case->sound)) {
            return new Verdict(self::DEAR_SHARE, $repair->number, 'mark.repair.dear', ['repair' => $needed[0]->kind->value], 'mark.repair.cheaper');
        }

        $named = $this->rightlyNamed($job, $repair->number);

        return count($named) === count($job->case->faults) && $named !== []
            ? new Verdict(1.0, $repair->number, 'mark.repair.right')
            : $this->misnamed($job, $named, $repair->number, 'mark.repair.misnamed');
    }

    /** @return list<Step> that called what the customer has noticed normal */
    private function namedNormal(Job $job): array
    {
        return array_values(array_filter(
            $job->entries(NameCause::class),
            static fn (Step $step): bool => $step->action instanceof NameCause && $step->action->station === 'nothing' && $step->action->defect === 'normal',
        ));
    }

    /** @return list<Step> before this one, one for each fault of the case that is named */
    private function rightlyNamed(Job $job, int $before): array
    {
        $named = [];
        foreach ($job->case->faults as $index => $fault) {
            foreach ($job->entries(NameCause::class, $before) as $step) {
                if ($step->action instanceof NameCause
                    && NamedPlace::means($step, $step->action, $fault->channel)
                    && $step->action->station === $fault->kind->station
                    && $step->action->defect === $fault->kind->defect) {
                    $named[$index] ??= $step;
                }
            }
        }

        return array_values($named);
    }
}
