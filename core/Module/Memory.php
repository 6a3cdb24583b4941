<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Vehicle\LeftCode;

/** The codes a module holds. */
final readonly class Memory
{
    /** @param  array<string, CodeStatus>  $entries by "channel/failure" */
    private function __construct(private array $entries)
    {
    }

    public static function empty(): self
    {
        return new self([]);
    }

    /**
     * As somebody's earlier work has left it.
     *
     * @param  list<LeftCode>  $codes
     */
    public static function left(array $codes): self
    {
        $memory = self::empty();
        foreach ($codes as $code) {
            $memory = $memory->set($code->channel, Failure::from($code->failure));
        }

        return $memory;
    }

    public function status(string $channel, Failure $failure): ?CodeStatus
    {
        return $this->entries["$channel/$failure->value"] ?? null;
    }

    public function set(string $channel, Failure $failure): self
    {
        return $this->with($channel, $failure, CodeStatus::Present);
    }

    /** A test that passes: what was present becomes history, an empty place stays empty. */
    public function passed(string $channel, Failure $failure): self
    {
        return $this->status($channel, $failure) === null
            ? $this
            : $this->with($channel, $failure, CodeStatus::History);
    }

    public function hasPresent(): bool
    {
        return in_array(CodeStatus::Present, $this->entries, true);
    }

    public function hasPresentElectrical(string $channel): bool
    {
        foreach (Failure::cases() as $failure) {
            if ($failure->isElectrical() && $this->status($channel, $failure) === CodeStatus::Present) {
                return true;
            }
        }

        return false;
    }

    public function isEmpty(): bool
    {
        return $this->entries === [];
    }

    private function with(string $channel, Failure $failure, CodeStatus $status): self
    {
        $entries = ["$channel/$failure->value" => $status] + $this->entries;
        ksort($entries);

        return new self($entries);
    }
}
