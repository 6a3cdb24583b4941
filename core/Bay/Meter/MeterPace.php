<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Document\Node;
use Lernfall\Quantity;

/** How often a meter reads: what is slower than that, its display follows. */
final readonly class MeterPace
{
    /** With this many periods in one reading the display is taken to stand still; what it still moves by then is left out. */
    private const STEADY_PERIODS = 4.0;

    /**
     * @param  float  $readsSeconds  each reading is the mean of this long, and shown until the next
     * @param  float  $recordsSeconds  for which the least and the greatest are kept
     */
    public function __construct(public float $readsSeconds, public float $recordsSeconds)
    {
        Quantity::positive(['readsSeconds' => $this->readsSeconds, 'recordsSeconds' => $this->recordsSeconds]);
    }

    public static function read(Node $meter): self
    {
        return new self($meter->float('readsSeconds'), $meter->float('recordsSeconds'));
    }

    public function follows(float $hertz): bool
    {
        return $hertz > 0.0 && $hertz * $this->readsSeconds < self::STEADY_PERIODS;
    }

    /** @return non-empty-list<float> when the readings of a record begin */
    public function readings(float $fromSeconds): array
    {
        return array_map(fn (int $reading): float => $fromSeconds + $reading * $this->readsSeconds, range(0, (int) round($this->recordsSeconds / $this->readsSeconds) - 1));
    }
}
