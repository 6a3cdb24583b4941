<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Quantity;
use Lernfall\Vehicle\Pad;

/** Where hands have put the leads of a bench supply, and a resistor as a load. */
final readonly class BenchLeads
{
    /**
     * @param  Pad  $positive  the lead from the positive terminal
     * @param  ?Pad  $negative  the lead from the negative terminal; null where it hangs free
     * @param  ?array{Pad, Pad}  $load  what the resistor lies between; null where there is none
     */
    public function __construct(public Pad $positive, public ?Pad $negative, public ?array $load, public float $loadOhms)
    {
        Quantity::resistances(['loadOhms' => $this->loadOhms]);
    }
}
