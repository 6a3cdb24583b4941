<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Vehicle\LeftCode;

/** What a module remembers of its tests, and so the codes it holds. */
final readonly class Memory
{
    /**
     * @param  array<string, StoredTest>  $tests  by "channel/failure"
     * @param  StatusByte  $otherwise  of a test not listed
     */
    private function __construct(private array $tests, private StatusByte $otherwise)
    {
    }

    /** Just cleared. */
    public static function empty(): self
    {
        return new self([], StatusByte::cleared());
    }

    /**
     * As a car comes in that has been driven: all tests done, and what somebody's earlier work has left.
     *
     * @param  list<LeftCode>  $codes
     * @param  FreezeFrame  $atRest  noted with what is found at standstill
     * @param  FreezeFrame  $turning  noted with the rest
     */
    public static function left(array $codes, FreezeFrame $atRest, FreezeFrame $turning): self
    {
        $memory = new self([], StatusByte::passedBefore());
        foreach ($codes as $code) {
            $failure = Failure::from($code->failure);
            $memory = $memory->set($code->channel, $failure, $failure->isElectrical() ? $atRest : $turning);
        }

        return $memory->inNewCycle();
    }

    public function status(string $channel, Failure $failure): ?CodeStatus
    {
        return $this->byte($channel, $failure)->wording();
    }

    public function byte(string $channel, Failure $failure): StatusByte
    {
        return $this->test($channel, $failure)->status;
    }

    public function frame(string $channel, Failure $failure): ?FreezeFrame
    {
        return $this->test($channel, $failure)->frame;
    }

    /** @param  int  $confirmedBy  failing operation cycles it takes until the code is kept */
    public function set(string $channel, Failure $failure, ?FreezeFrame $frame = null, int $confirmedBy = 1): self
    {
        return $this->with($channel, $failure, $this->test($channel, $failure)->failed($frame ?? FreezeFrame::atRest(0.0), $confirmedBy));
    }

    /** A test that passes: what was present becomes history, an empty place stays empty. */
    public function passed(string $channel, Failure $failure, bool $lampGoesOut = true): self
    {
        $before = $this->test($channel, $failure);
        $after = $before->passed($lampGoesOut);

        return $after->status->bits === $before->status->bits && isset($this->tests["$channel/$failure->value"]) ? $this : $this->with($channel, $failure, $after);
    }

    /** The ignition comes on again. */
    public function inNewCycle(): self
    {
        return new self(array_map(static fn (StoredTest $test): StoredTest => $test->inNewCycle(), $this->tests), $this->otherwise->inNewCycle());
    }

    /** Lamps of what no longer fails go out. */
    public function withSettledLamps(): self
    {
        return new self(array_map(static fn (StoredTest $test): StoredTest => $test->status->isFailing() ? $test : $test->withoutLamp(), $this->tests), $this->otherwise);
    }

    public function asksForLamp(): bool
    {
        foreach ($this->tests as $test) {
            if ($test->status->asksForLamp()) {
                return true;
            }
        }

        return false;
    }

    public function hasPresent(): bool
    {
        return array_filter($this->tests, static fn (StoredTest $test): bool => $test->status->wording() === CodeStatus::Present) !== [];
    }

    /**
     * The channels of which some test fails now.
     *
     * @param  list<string>  $channels
     * @return list<string>
     */
    public function failing(array $channels): array
    {
        return array_values(array_filter($channels, fn (string $channel): bool => array_filter(Failure::ofChannels(), fn (Failure $one): bool => $this->byte($channel, $one)->isFailing()) !== []));
    }

    /**
     * Whether some test of any of these fails now.
     *
     * @param  array<int, string>  $subjects  channels or parts
     */
    public function isAnyFailing(array $subjects): bool
    {
        foreach ($this->tests as $name => $test) {
            if ($test->status->isFailing() && in_array(explode('/', $name)[0], $subjects, true)) {
                return true;
            }
        }

        return false;
    }

    public function hasPresentElectrical(string $channel): bool
    {
        foreach (Failure::electrical() as $failure) {
            if ($this->byte($channel, $failure)->isFailing()) {
                return true;
            }
        }

        return false;
    }

    /** Tells two memories apart. */
    public function text(): string
    {
        $text = "{$this->otherwise->bits}";
        foreach ($this->tests as $name => $test) {
            $frame = $test->frame;
            $text .= ";$name:{$test->status->bits}:$test->failedCycles".($frame === null ? '' : ":$frame->metresPerSecond:$frame->steering:$frame->volts");
        }

        return $text;
    }

    public function isEmpty(): bool
    {
        return array_filter($this->tests, static fn (StoredTest $test): bool => $test->status->wording() !== null) === [];
    }

    private function test(string $channel, Failure $failure): StoredTest
    {
        return $this->tests["$channel/$failure->value"] ?? new StoredTest($this->otherwise);
    }

    private function with(string $channel, Failure $failure, StoredTest $test): self
    {
        $tests = $this->tests;
        $tests["$channel/$failure->value"] = $test;

        return new self($tests, $this->otherwise);
    }
}
