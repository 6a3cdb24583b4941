<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A place a meter lead can touch: a pin on one side of a plug, the body, or a battery pole. */
final readonly class Pad
{
    private function __construct(
        public string $id,
        public string $channel,
        public string $plugName,
        public PadSide $side,
        public string $conductor,
        public bool $onPlug,
    ) {
    }

    public static function onPlug(string $channel, string $plugName, PadSide $side, string $conductor): self
    {
        return new self("$channel.$plugName.$side->value.$conductor", $channel, $plugName, $side, $conductor, true);
    }

    public static function fixed(string $id): self
    {
        return new self($id, '', '', PadSide::Wheel, '', false);
    }

    public function isBattery(): bool
    {
        return in_array($this->id, [Pads::BATTERY_POSITIVE, Pads::BATTERY_NEGATIVE], true);
    }

    public function isFeed(): bool
    {
        return in_array($this->id, Pads::FEED, true);
    }

    /** Whether it lies at the hydraulic unit or at a switch of the brakes. */
    public function isUnit(): bool
    {
        return str_starts_with($this->id, 'unit.');
    }

    /** Whether it lies at a switch of the brakes. */
    public function isSwitch(): bool
    {
        return str_starts_with($this->id, Pads::UNIT_SWITCH);
    }

    /** Whether it lies where a switch is fed, key or no key. */
    public function isFedSwitch(): bool
    {
        return $this->id === Pads::switchIn(BrakeParts::STOP_LAMP_SWITCH);
    }

    public function isBench(): bool
    {
        return in_array($this->id, Pads::BENCH, true);
    }
}
