<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Evidence\Advice\TestValue;

/** What a repair promised when it was done. */
final readonly class RepairProspects
{
    /** As odds. */
    private const MOVED = 2.0;

    /**
     * @param  float  $byCard  chance that it helps, by what stood on the card
     * @param  float  $byShown  the same by all that was shown
     * @param  float  $byCodes  the same by what the first codes told
     * @param  array<string, float>  $rivals  chance by fault and place of what else was open by the card, likeliest first
     * @param  float  $costNow  expected, of this repair then
     * @param  ?float  $costOfTesting  expected; null where no test told anything any more
     * @param  ?TestValue  $betterTest  what would have told most for its time; null where nothing would have
     */
    public function __construct(
        public float $byCard,
        public float $byShown,
        public float $byCodes,
        public array $rivals,
        public float $costNow,
        public ?float $costOfTesting,
        public ?TestValue $betterTest,
    ) {
    }

    /** Whether what was shown since has made it clearly likelier than the codes had. */
    public function wereMoved(): bool
    {
        return $this->moved() >= 1.0;
    }

    /** How far what was shown since has moved it towards that, evenly by the logarithm of its odds: 0 to 1. */
    public function moved(): float
    {
        $now = self::odds($this->byShown);
        $then = self::odds($this->byCodes);

        return match (true) {
            $now >= self::MOVED * $then => 1.0,
            $now <= $then => 0.0,
            default => log($now / $then) / log(self::MOVED),
        };
    }

    private static function odds(float $chance): float
    {
        return $chance / max(1e-9, 1.0 - $chance);
    }
}
