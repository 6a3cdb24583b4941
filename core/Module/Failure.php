<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Vehicle\CodeDialect;

/** What the module can tell about a channel. */
enum Failure: string
{
    case Open = 'open';
    case ShortToGround = 'short-to-ground';
    case ShortToSupply = 'short-to-supply';
    case ShortedTogether = 'shorted-together';
    case NoSignal = 'no-signal';
    /** Drop-outs at which the wheel would have to stop within centimetres and be back at speed. */
    case Erratic = 'erratic';
    /** Something comes back once a turn: ring or encoder. */
    case Pattern = 'pattern';
    /** First counted too late when pulling away. */
    case Weak = 'weak';
    /** Steadily faster or slower than the other wheels. */
    case Deviation = 'deviation';
    /** Of the module's own supply. */
    case LowVolts = 'low-volts';
    /** Of a switch: its contact never opens. */
    case Stuck = 'stuck';

    /** Of a new hydraulic unit: it has not been told which car it is in. */
    case NotCoded = 'not-coded';

    /** Electrical failures are found at standstill, the others only while driving. */
    public function isElectrical(): bool
    {
        return in_array($this, self::electrical(), true);
    }

    /** @return non-empty-list<self> */
    public static function electrical(): array
    {
        return [self::Open, self::ShortToGround, self::ShortToSupply, self::ShortedTogether];
    }

    /** @return non-empty-list<self> */
    public static function driving(): array
    {
        return [self::NoSignal, self::Erratic, self::Pattern, self::Weak, self::Deviation];
    }

    /** @return non-empty-list<self> what can be told of a channel */
    public static function ofChannels(): array
    {
        return [...self::electrical(), ...self::driving()];
    }

    /** @return non-empty-list<self> what can be told of a valve, a pump, a relay, a switch or the supply */
    public static function ofParts(): array
    {
        return [self::Open, self::Stuck, self::LowVolts, self::NotCoded];
    }

    /** As which kind a module tells it; null where it does not notice. */
    public function toldBy(CodeDialect $dialect): ?self
    {
        return match (true) {
            $dialect->tells($this->value) => $this,
            $this === self::Pattern && $dialect->tells(self::Erratic->value) => self::Erratic,
            default => null,
        };
    }
}
