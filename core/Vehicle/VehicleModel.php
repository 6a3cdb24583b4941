<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

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
        public string $layout,
        public array $lamps,
        public Tolerances $tolerances,
        public array $dataSheet,
        public GapShift $gapShift,
        public array $places = [],
        public array $systems = [],
        public Body $body = Body::Hatchback,
    ) {
    }

    /** The axle that the engine turns; "" where none is, as on a trailer. */
    public function drivenAxle(): string
    {
        return match ($this->layout) {
            'front-wheel-drive' => 'front',
            'rear-wheel-drive' => 'rear',
            default => '',
        };
    }
}
