<?php

declare(strict_types=1);

namespace Lernfall\Module;

/**
 * The eight status bits a module keeps for each of its tests, by ISO 14229-1: bit 0 test failed, 1 failed this operation
 * cycle, 2 pending, 3 confirmed, 4 not completed since the last clearing, 5 failed since the last clearing, 6 not
 * completed this operation cycle, 7 warning lamp asked for.
 */
final readonly class StatusByte
{
    private const FAILED = 0x01;

    private const FAILED_THIS_CYCLE = 0x02;

    private const PENDING = 0x04;

    private const CONFIRMED = 0x08;

    private const NOT_COMPLETED_SINCE_CLEARING = 0x10;

    private const FAILED_SINCE_CLEARING = 0x20;

    private const NOT_COMPLETED_THIS_CYCLE = 0x40;

    private const LAMP_ASKED_FOR = 0x80;

    private function __construct(public int $bits)
    {
    }

    public static function of(int $bits): self
    {
        return new self($bits & 0xFF);
    }

    /** Right after clearing: nothing failed, nothing has been tested again. */
    public static function cleared(): self
    {
        return new self(self::NOT_COMPLETED_SINCE_CLEARING | self::NOT_COMPLETED_THIS_CYCLE);
    }

    /** Of a test that has passed in earlier cycles. */
    public static function passedBefore(): self
    {
        return new self(self::NOT_COMPLETED_THIS_CYCLE);
    }

    /** @param  bool  $confirms  the failure is sure enough now to be kept and shown */
    public function failed(bool $confirms): self
    {
        $failed = self::FAILED | self::FAILED_THIS_CYCLE | self::PENDING | self::FAILED_SINCE_CLEARING | ($confirms ? self::CONFIRMED | self::LAMP_ASKED_FOR : 0);

        return new self(($this->bits | $failed) & ~(self::NOT_COMPLETED_SINCE_CLEARING | self::NOT_COMPLETED_THIS_CYCLE));
    }

    public function passed(bool $lampGoesOut): self
    {
        $over = self::FAILED | self::NOT_COMPLETED_SINCE_CLEARING | self::NOT_COMPLETED_THIS_CYCLE | ($lampGoesOut ? self::LAMP_ASKED_FOR : 0);

        return new self($this->bits & ~$over);
    }

    /** A cycle begins; what did not fail in one that tested it is no longer pending. */
    public function inNewCycle(): self
    {
        $quiet = ! $this->has(self::FAILED_THIS_CYCLE) && ! $this->has(self::NOT_COMPLETED_THIS_CYCLE);

        return new self(($this->bits & ~(self::FAILED_THIS_CYCLE | ($quiet ? self::PENDING : 0))) | self::NOT_COMPLETED_THIS_CYCLE);
    }

    public function withoutLamp(): self
    {
        return new self($this->bits & ~self::LAMP_ASKED_FOR);
    }

    public function hasFailedThisCycle(): bool
    {
        return $this->has(self::FAILED_THIS_CYCLE);
    }

    public function isFailing(): bool
    {
        return $this->has(self::FAILED);
    }

    public function asksForLamp(): bool
    {
        return $this->has(self::LAMP_ASKED_FOR);
    }

    public function isTestedSinceClearing(): bool
    {
        return ! $this->has(self::NOT_COMPLETED_SINCE_CLEARING);
    }

    /** How a scan tool words it; null where there is nothing to show. */
    public function wording(): ?CodeStatus
    {
        return match (true) {
            $this->has(self::CONFIRMED) => $this->isFailing() ? CodeStatus::Present : CodeStatus::History,
            $this->has(self::PENDING) => CodeStatus::Pending,
            default => null,
        };
    }

    /** Two hexadecimal digits, as scan tools write it. */
    public function text(): string
    {
        return sprintf('%02X', $this->bits);
    }

    private function has(int $bit): bool
    {
        return ($this->bits & $bit) !== 0;
    }
}
