<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Evidence\Advice\TestValue;

/** What a repair promised when it was done. */
final readonly class RepairProspects
{
    /**
     * @param  float  $byCard  chance that it helps, by what stood on the card
     * @param  float  $byShown  the same by all that was shown
     * @param  array<string, float>  $rivals  chance by fault and place of what else was open by the card, likeliest first
     * @param  float  $costNow  expected, of this repair then
     * @param  ?float  $costOfTesting  expected; null where no test told anything any more
     * @param  ?TestValue  $betterTest  what would have told most for its time; null where nothing would have
     */
    public function __construct(
        public float $byCard,
        public float $byShown,
        public array $rivals,
        public float $costNow,
        public ?float $costOfTesting,
        public ?TestValue $betterTest,
    ) {
    }
}
