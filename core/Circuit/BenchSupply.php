<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/**
 * A laboratory supply on the pins of an unplugged sensor, with the load resistor such a sensor needs to show anything:
 * in the return of a two-wire sensor, between signal and supply or ground of a three-wire one.
 */
final readonly class BenchSupply
{
    public const POSITIVE = 'bench.positive';

    public const NEGATIVE = 'bench.negative';

    /**
     * @param  float  $volts  it holds, as long as the current stays within the limit
     * @param  float  $limitAmperes  at which it lets its voltage fall instead
     * @param  bool  $reversed  its positive lead is on the return
     * @param  ?BenchLeads  $leads  as hands have placed them; null for the usual arrangement
     */
    public function __construct(
        public string $channel,
        public float $volts,
        public float $limitAmperes,
        public bool $reversed,
        public float $loadOhms,
        public ?BenchLeads $leads = null,
    ) {
    }

    public function holding(float $volts): self
    {
        return new self($this->channel, $volts, $this->limitAmperes, $this->reversed, $this->loadOhms, $this->leads);
    }
}
