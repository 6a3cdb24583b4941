<?php

declare(strict_types=1);

namespace Lernfall\Bay\Workshop;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\Tool;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Hands\Hands;
use Lernfall\Bay\Inspection\Eyes;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Meter\Meter;
use Lernfall\Bay\Scan\ClearCodes;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Bay\Scope\Scope;

/** The workshop a job is done in: its meter, the eyes that look, its times and prices. */
final readonly class Workshop
{
    /**
     * @param  float  $benchLoadOhms  the resistor that goes with the bench supply
     * @param  array<string, Rate>  $rates by rate name of the actions
     * @param  list<Tool>  $withheld  what is not there
     */
    public function __construct(
        public Meter $meter,
        public Scope $scope,
        public Eyes $eyes,
        public Hands $hands,
        public float $benchLoadOhms,
        public float $hubHalfLifeMinutes,
        public float $costPerMinute,
        private array $rates,
        private array $withheld = [],
    ) {
    }

    /** The same workshop with a scope that shows cars which could be there as finely as the one that is. */
    public function withFineScope(): self
    {
        return $this->equippedWith($this->meter, $this->scope->fine());
    }

    /** The same workshop for one case: its kind of meter, and without what it withholds. */
    public function forCase(FaultCase $case): self
    {
        $meter = $this->meter->averages === $case->averagingMeter ? $this->meter : $this->meter->averaging($case->averagingMeter);

        return new self($meter, $this->scope, $this->eyes, $this->hands, $this->benchLoadOhms, $this->hubHalfLifeMinutes, $this->costPerMinute, $this->rates, $case->withheld);
    }

    /** Whether the tool an action needs is there. */
    public function hasToolFor(Action $action): bool
    {
        return ! in_array(Tool::for($action), $this->withheld, true);
    }

    private function equippedWith(Meter $meter, Scope $scope): self
    {
        return new self($meter, $scope, $this->eyes, $this->hands, $this->benchLoadOhms, $this->hubHalfLifeMinutes, $this->costPerMinute, $this->rates, $this->withheld);
    }

    public function rate(Action $action): Rate
    {
        return $this->rates[$action->rate()] ?? new Rate(0.0, 0.0);
    }

    /** Material and working time of an action, in money. */
    public function price(Action $action): float
    {
        $rate = $this->rate($action);

        return $rate->money + $rate->minutes * $this->costPerMinute;
    }

    /** What it takes to prove a repair: clearing, driving, reading again. */
    public function proofMinutes(): float
    {
        return array_sum(array_map(fn (Action $action): float => $this->rate($action)->minutes, [new ClearCodes, new RoadTest, new ReadCodes]));
    }

    /** @return array<string, Rate> */
    public function rates(): array
    {
        return $this->rates;
    }
}
