<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

/** What is sensible next: a repair or a test, with the numbers that say so. */
final readonly class Advice
{
    /** Two tests in a row have to save some of the cost, for they are reckoned roughly. */
    private const CLEARLY = 0.98;

    /**
     * @param  string  $remedy  the one to begin with, if any is
     * @param  float  $costNow  expected, of beginning with it now
     * @param  list<TestValue>  $tests  that tell something, best first
     * @param  ?TestValue  $row  a test that pays as the first of two in a row, where none pays alone
     */
    private function __construct(public RepairPosterior $repairs, public RepairCost $cost, public string $remedy, public float $costNow, public array $tests, private ?TestValue $row = null)
    {
    }

    /** @param  list<TestValue>  $testValue */
    public static function of(RepairPosterior $repairs, RepairCost $cost, array $testValue): self
    {
        $tests = array_values(array_filter($testValue, static fn (TestValue $one): bool => $one->tells()));
        usort($tests, static fn (TestValue $one, TestValue $other): int => $other->bitsPerMinute() <=> $one->bitsPerMinute());
        $remedies = $repairs->byRemedy();
        $remedy = $cost->first($remedies);

        return new self($repairs, $cost, $remedy, $cost->expected($remedies, $remedy), $tests);
    }

    /** @return list<TestValue> the tests that ask different questions: of those that ask the same in other circumstances, the best */
    public function different(): array
    {
        $different = [];
        foreach ($this->tests as $one) {
            $different[$one->trial->question()->question()] ??= $one;
        }

        return array_values($different);
    }

    /** With a test that may pay as the first of two in a row. */
    public function ahead(TestValue $row): self
    {
        $others = array_values(array_filter($this->tests, static fn (TestValue $one): bool => $one->trial !== $row->trial));

        return $row->costAfter < self::CLEARLY * $this->costNow ? new self($this->repairs, $this->cost, $this->remedy, $this->costNow, [$row, ...$others], $row) : $this;
    }

    /** The expected cost of testing on: of the test after which everything is cheapest; null where no test tells anything. */
    public function costOfTesting(): ?float
    {
        return $this->tests === [] ? null : min(array_map(static fn (TestValue $one): float => $one->costAfter, $this->tests));
    }

    /** Whether beginning with the likeliest remedy is expected to cost no more than testing on. */
    public function isToRepair(): bool
    {
        $testing = $this->costOfTesting();

        return $this->row === null && ($testing === null || $this->costNow <= $testing);
    }
}
