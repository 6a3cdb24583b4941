<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/** The wires of a switch of the brakes, as most cars have them: invented figures, for vehicle files that do not say. */
final readonly class SwitchWiring
{
    /**
     * @param  float  $feedOhms  from the battery to a switch that is fed, its fuse included
     * @param  float  $contactOhms  of a closed switch, to body its ground included
     * @param  float  $stopLampOhms  of the lamps a fed switch feeds
     * @param  float  $pullUpOhms  in the module, above a switch that connects to body
     */
    public function __construct(public float $feedOhms = 0.06, public float $contactOhms = 0.08, public float $stopLampOhms = 3.4, public float $pullUpOhms = 1200.0)
    {
        Quantity::resistances(['feedOhms' => $feedOhms, 'contactOhms' => $contactOhms, 'stopLampOhms' => $stopLampOhms, 'pullUpOhms' => $pullUpOhms]);
    }
}
