<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Worksheet\Judgement;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Marking\RepairReview;
use Lernfall\Signal\Switching;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;

/** An active sensor was judged by an ohmmeter, where the policy takes that for no test. */
final readonly class OhmsOnActiveSensor implements Mistake
{
    public function id(): string
    {
        return 'ohms-on-active';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        foreach ($job->entries(WriteReading::class) as $step) {
            if ($step->action instanceof WriteReading && self::isIn($job, $step->action)) {
                return $step->action->of;
            }
        }

        return null;
    }

    /** Whether this reading is one, and was taken to say something. */
    public static function isIn(Job $job, WriteReading $written): bool
    {
        $step = $written->judgement === Judgement::SaysNothing ? null : $job->step($written->of);
        $action = $step?->action;
        if (! $action instanceof Measure || $action->function !== MeterFunction::Ohms) {
            return false;
        }
        [$first, $second] = [Pads::find($job->case->sound, $action->first), Pads::find($job->case->sound, $action->second)];

        return self::isAtSensor($first) && self::isAtSensor($second) && $first->channel === $second->channel
            && Switching::isActive($job->case->sound->channel($first->channel))
            && $step->before->state->isOpen($job->case->sound->channel($first->channel)->plug($first->plugName)->plugId);
    }

    private static function isAtSensor(Pad $pad): bool
    {
        return $pad->onPlug && $pad->side === PadSide::Wheel;
    }
}
