<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

/** How the maker has built a hydraulic unit, and what it asks of those who work on it. No fault changes it. */
final readonly class UnitDesign
{
    /**
     * @param  list<string>  $bleedingOrder  channels in the order the maker has them bled; none where it gives none
     * @param  bool  $isIntegrated  one housing with the module: windings and relays lie inside, and are renewed with it
     * @param  bool  $knowsItsCar  a new one has to be told which car it is in
     */
    public function __construct(public array $bleedingOrder = [], public bool $isIntegrated = false, public bool $knowsItsCar = true)
    {
    }
}
