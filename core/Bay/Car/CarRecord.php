<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

/** What has been done to a car and asked of it, as far as later answers depend on it. */
final readonly class CarRecord
{
    /**
     * @param  array<string, int>  $renewed  how often a part has been renewed, by deviation name
     * @param  array<string, int>  $asked  how often a question has been put to an instrument
     * @param  int  $drives  how many of those were drives
     * @param  array<string, bool>  $settled  outcomes that a hypothesis car has been given
     */
    private function __construct(public array $renewed, public array $asked, public int $drives, public array $settled)
    {
    }

    public static function blank(): self
    {
        return new self([], [], 0, []);
    }

    public function withRenewed(string ...$deviations): self
    {
        $renewed = $this->renewed;
        foreach ($deviations as $name) {
            $renewed[$name] = ($renewed[$name] ?? 0) + 1;
        }

        return new self($renewed, $this->asked, $this->drives, $this->settled);
    }

    /** The parts that were there before are back, and deviate as they did. */
    public function withOwnAgain(string ...$deviations): self
    {
        $renewed = $this->renewed;
        foreach ($deviations as $name) {
            $renewed[$name] = ($renewed[$name] ?? 1) - 1;
        }

        return new self(array_filter($renewed, static fn (int $times): bool => $times !== 0), $this->asked, $this->drives, $this->settled);
    }

    public function withAsked(string $question, bool $isDrive): self
    {
        return new self($this->renewed, [$question => ($this->asked[$question] ?? 0) + 1] + $this->asked, $this->drives + ($isDrive ? 1 : 0), $this->settled);
    }

    /** @param  array<string, bool>  $outcomes */
    public function withSettled(array $outcomes): self
    {
        return new self($this->renewed, $this->asked, $this->drives, $outcomes + $this->settled);
    }
}
