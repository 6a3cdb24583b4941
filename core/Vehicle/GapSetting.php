<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** How the gap of an axle's sensors comes about. Practitioners differ; the maker of the vehicle decides. */
enum GapSetting: string
{
    /** Set with feeler gauges. */
    case Gauge = 'gauge';

    /** Pushed home against the ring; the bearing's play sets it while driving. */
    case Push = 'push';

    /** Fixed by its seat: a gap that is wrong is a part that is wrong or not seated. */
    case Fixed = 'fixed';
}
