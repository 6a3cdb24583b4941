<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Vehicle\Motion\Build;

/** What all cars of one model share and no fault changes. */
final readonly class VehicleModel
{
    /**
     * @param  list<Place>  $places
     * @param  list<string>  $lamps  the lamps the driver has
     * @param  array<array-key, NominalValues>  $dataSheet  by axle, as the maker gives them
     * @param  array<array-key, string>  $systems  names in a scan tool's menu, by system
     */
    public function __construct(
        public string $name,
        public Build $build,
        public array $lamps,
        public Tolerances $tolerances,
        public array $dataSheet,
        public GapShift $gapShift,
        public array $places = [],
        public array $systems = [],
    ) {
    }

    /** The axle that the engine turns; "" where none is, as on a trailer. */
    public function drivenAxle(): string
    {
        return $this->build->drivenAxle();
    }
}
