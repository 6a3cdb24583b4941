<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Pad;

/** A test lead with a clip at each end, from one pad to another; or the leads of a meter, with its shunt between them. */
final readonly class JumperLead
{
    public const OHMS = 0.04;

    public function __construct(public Pad $first, public Pad $second, public float $ohms = self::OHMS)
    {
    }

    /** @return list<string> the channels it touches */
    public function channels(): array
    {
        return array_values(array_filter(array_unique([$this->first->channel, $this->second->channel]), static fn (string $one): bool => $one !== ''));
    }

    /** @param  string  $plugId  of a plug that is one channel's alone */
    public function sitsOn(string $plugId): bool
    {
        foreach ([$this->first, $this->second] as $pad) {
            if ($pad->onPlug && $plugId === "$pad->channel.$pad->plugName") {
                return true;
            }
        }

        return false;
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
