<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Pad;

/** A test lead with a clip at each end, from one pad to another. */
final readonly class JumperLead
{
    public const OHMS = 0.04;

    public function __construct(public Pad $first, public Pad $second)
    {
    }

    /** @return list<string> the channels it touches */
    public function channels(): array
    {
        return array_values(array_filter(array_unique([$this->first->channel, $this->second->channel]), static fn (string $one): bool => $one !== ''));
    }

    public function touchesPlug(string $channel, string $plugName): bool
    {
        foreach ([$this->first, $this->second] as $pad) {
            if ($pad->channel === $channel && $pad->plugName === $plugName) {
                return true;
            }
        }

        return false;
    }
}
