<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection;

use Lernfall\Bay\Car\Car;

/** What a look in one manner notices of what is there. In passing less is noticed than closely, and nothing else; from behind it is another look, with luck of its own. */
final readonly class Glance
{
    public function __construct(private Manner $manner, private Manners $manners)
    {
    }

    /**
     * How surely it is noticed: of a true car 1 or 0.
     *
     * @param  string  $what  names the part, and what of it
     * @param  float  $closely  chance that a close look notices it
     */
    public function notices(Car $car, string $what, float $closely): float
    {
        $name = $this->manner === Manner::FromBehind ? "eye.$what.from-behind" : "eye.$what";

        return $car->deviations->chance($car->deviation($name), $closely * $this->manners->share($this->manner));
    }
}
