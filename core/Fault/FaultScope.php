<?php

declare(strict_types=1);

namespace Lernfall\Fault;

use Closure;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/** Where a kind of fault can be. */
final readonly class FaultScope
{
    /**
     * @param  ?Closure(Channel): bool  $where  which channels can have it; null for all
     * @param  bool  $wholeCar  it sits at no corner
     * @param  ?Closure(Vehicle): bool  $hasIt  which vehicles have the part at all; null for all
     */
    public function __construct(
        public ?Closure $where = null,
        public bool $wholeCar = false,
        public ?Closure $hasIt = null,
    ) {
    }
}
