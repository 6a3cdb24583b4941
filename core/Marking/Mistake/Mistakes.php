<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job;
use Lernfall\Marking\RepairReview;

/** All mistakes that are known by name. */
final readonly class Mistakes
{
    /** @return list<Mistake> the gravest first */
    public static function all(): array
    {
        return [
            new PolarityReversed, new NormalRepaired, new ModuleForOpenPlug, new WrongCorner, new PartOnCodeAlone, new TwoAtOnce,
            new ClearedUnwritten, new UnitMisread, new OhmsOnLive, new DcForPassive, new LeftOpen,
        ];
    }

    /**
     * @param  list<RepairReview>  $reviews
     * @return array<string, int> step by id of those that were made
     */
    public static function in(Job $job, array $reviews): array
    {
        $made = [];
        foreach (self::all() as $mistake) {
            $step = $mistake->step($job, $reviews);
            if ($step !== null) {
                $made[$mistake->id()] = $step;
            }
        }

        return $made;
    }
}
