<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Marking\School\CorrodedPlug;
use Lernfall\Vehicle\Vehicle;

/**
 * The repairs of a job by which somebody decided what was wrong with the car as it came in. Makeshifts are tests; a part
 * spoilt in the bay has to be renewed whatever was wrong before, and costs its price. A plug that was not home was repaired by
 * pushing it home: cleaning it as well decides nothing. Nor does what belongs to a repair: bleeding a line that was opened, coding a new unit.
 */
final readonly class Decisions
{
    /** @return list<Step> */
    public static function in(Job $job, CorrodedPlug $school = CorrodedPlug::Clean): array
    {
        $asOne = RenewedWithPlug::in($job, $school);

        return array_values(array_filter(
            $job->stepsOf(Repair::class),
            static fn (Step $step): bool => self::isOne($step) && ! in_array($step->number, $asOne, true),
        ));
    }

    /** @return list<Decision> the same, and what the car was handed over for */
    public static function of(Job $job, CorrodedPlug $school, ?HandedOver $handedOver): array
    {
        $decisions = [];
        foreach (self::in($job, $school) as $step) {
            if ($step->action instanceof Repair) {
                $decisions[] = new Decision($step->number, $step->action);
            }
        }
        foreach ($handedOver->repairs ?? [] as $repair) {
            $decisions[] = new Decision($handedOver->step ?? 0, $repair, isLeftToOthers: true);
        }

        return $decisions;
    }

    /** @return list<Step> every repair that is no makeshift */
    public static function repairs(Job $job): array
    {
        return array_values(array_filter(
            $job->stepsOf(Repair::class),
            static fn (Step $step): bool => $step->wasDone() && $step->action instanceof Repair && ! $step->action->kind->isMakeshift(),
        ));
    }

    /** Whether somebody decided something by it. */
    public static function isOne(Step $step): bool
    {
        return $step->wasDone() && $step->action instanceof Repair && ! $step->action->kind->isMakeshift() && ! self::onlyPutsDamageRight($step) && ! self::onlyCleansWhatIsHome($step, $step->action) && ! self::onlyFinishes($step, $step->action);
    }

    /** Whether it takes away nothing the car came in with, but something that was spoilt since. */
    private static function onlyPutsDamageRight(Step $step): bool
    {
        $left = Incoming::left($step->before);
        [$before, $after] = [Incoming::withoutMakeshifts($step->before), Incoming::withoutMakeshifts($step->after)];

        return $left == Incoming::left($step->after) && $before != $after && self::wasSpoilt(self::parts($before), self::parts($after), self::parts($left));
    }

    /**
     * Whether everything that a repair has changed had been spoilt: a sound unit that is renewed is another one afterwards as well, since it has yet to be bled.
     *
     * @param  array<string, object>  $before
     * @param  array<string, object>  $after
     * @param  array<string, object>  $left  of what the car came in with
     */
    private static function wasSpoilt(array $before, array $after, array $left): bool
    {
        return array_filter($before, static fn (object $part, string $name): bool => $part != $after[$name] && $part == $left[$name], ARRAY_FILTER_USE_BOTH) === [];
    }

    /** @return array<string, object> by a name of each */
    private static function parts(Vehicle $vehicle): array
    {
        return [...array_column($vehicle->channels, null, 'id'), 'power' => $vehicle->power, 'module' => $vehicle->module, 'brakes' => $vehicle->brakeParts];
    }

    /** Whether it belongs to a repair before: a line that was opened is bled, a new unit is coded. */
    private static function onlyFinishes(Step $step, Repair $repair): bool
    {
        $before = $step->before->vehicle->brakeParts->unit;
        $arrived = $step->before->arrived->brakeParts->unit;

        return $before !== null && $arrived !== null && match ($repair->kind) {
            RepairKind::CodeUnit => ! $before->isCoded && $arrived->isCoded,
            RepairKind::BleedBrakes, RepairKind::BleedBrake => $before->hydraulics->hasAir() && ! $arrived->hydraulics->hasAir(),
            default => false,
        };
    }

    /** Whether it takes away nothing any more, of a plug whose catch was open when the car came in. */
    private static function onlyCleansWhatIsHome(Step $step, Repair $repair): bool
    {
        $plug = match ($repair->kind) {
            RepairKind::CleanPlug => 'sensor-plug',
            RepairKind::CleanModulePlug => 'module-plug',
            default => null,
        };
        if ($plug === null || Incoming::left($step->before) != Incoming::left($step->after)) {
            return false;
        }
        $arrived = $step->before->arrived->channel($repair->channel);

        return ! ($arrived->acting->channel ?? $arrived)->plug($plug)->latched;
    }
}
