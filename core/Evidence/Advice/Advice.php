<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

/** What is sensible next: a repair or a test, with the numbers that say so. */
final readonly class Advice
{
    /** A test that tells less than this tells nothing. */
    private const LEAST_BITS = 0.02;

    /**
     * @param  string  $remedy  the one to begin with, if any is
     * @param  float  $costNow  expected, of beginning with it now
     * @param  list<Worth>  $tests  that tell something, best first
     */
    private function __construct(public RepairOdds $repairs, public RepairCost $cost, public string $remedy, public float $costNow, public array $tests)
    {
    }

    /** @param  list<Worth>  $worth */
    public static function of(RepairOdds $repairs, RepairCost $cost, array $worth): self
    {
        $tests = array_values(array_filter($worth, static fn (Worth $one): bool => $one->bits >= self::LEAST_BITS));
        usort($tests, static fn (Worth $one, Worth $other): int => $other->bitsPerMinute() <=> $one->bitsPerMinute());
        $remedies = $repairs->byRemedy();
        $remedy = $cost->first($remedies);

        return new self($repairs, $cost, $remedy, $cost->expected($remedies, $remedy), $tests);
    }

    /** The expected cost of testing on: of the test after which everything is cheapest; null where no test tells anything. */
    public function costOfTesting(): ?float
    {
        return $this->tests === [] ? null : min(array_map(static fn (Worth $one): float => $one->costAfter, $this->tests));
    }

    /** Whether beginning with the likeliest remedy is expected to cost no more than testing on. */
    public function isToRepair(): bool
    {
        $testing = $this->costOfTesting();

        return $testing === null || $this->costNow <= $testing;
    }
}
