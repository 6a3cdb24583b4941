<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Scan\ClearCodes;
use Lernfall\Bay\Scan\ReadCodes;

/** What it takes to prove a repair: clearing, driving, reading again. */
final readonly class ProofOfRepair
{
    public static function minutes(Simulator $simulator): float
    {
        return array_sum(array_map(static fn (Action $action): float => $simulator->rate($action)->minutes, [new ClearCodes, new RoadTest, new ReadCodes]));
    }

    /** Its working time, in money. */
    public static function price(Simulator $simulator): float
    {
        return self::minutes($simulator) * $simulator->workshop->costPerMinute;
    }
}
