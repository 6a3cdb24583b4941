<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Marking\RepairReview;
use Lernfall\Marking\School\OhmsOnActive;
use Lernfall\Marking\School\Schools;

/** All mistakes that are known by name. */
final readonly class Mistakes
{
    /** @return list<Mistake> the gravest first, as the schools have it */
    public static function all(Schools $schools): array
    {
        return [
            new PolarityReversed, new HardStopUntried, new NormalRepaired, new ModuleForOpenPlug, new WrongCorner, new OneOfTwoCorners, new PartOnCodeAlone, new TwoAtOnce($schools->corrodedPlug),
            new ClearedUnwritten, new UnitMisread, new DiffersFromDisplay, new OhmsOnLive, ...($schools->ohmsOnActive === OhmsOnActive::Invalid ? [new OhmsOnActiveSensor] : []), new DcForPassive, new LeftOpen,
        ];
    }

    /**
     * @param  list<RepairReview>  $reviews
     * @return array<string, int> step by id of those that were made
     */
    public static function in(Job $job, array $reviews, Schools $schools): array
    {
        $made = [];
        foreach (self::all($schools) as $mistake) {
            $step = $mistake->step($job, $reviews);
            if ($step !== null) {
                $made[$mistake->id()] = $step;
            }
        }

        return $made;
    }
}
