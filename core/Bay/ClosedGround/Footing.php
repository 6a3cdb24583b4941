<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Road\Surface;
use Lernfall\Road\Track;

/** The pieces of closed ground there are for a stop, and how fast a car may come to each. */
enum Footing: string
{
    case Dry = 'dry';
    case Wet = 'wet';
    case Snow = 'snow';
    case Ice = 'ice';
    case Gravel = 'gravel';
    case IceLeft = 'ice-left';
    case IceRight = 'ice-right';
    case DryThenIce = 'dry-then-ice';
    case IceThenDry = 'ice-then-dry';

    /** Metres of dry road before the ice. */
    private const DRY_METRES = 6.0;

    /** Metres of ice before the dry road. */
    private const ICE_METRES = 8.0;

    public function track(): Track
    {
        return match ($this) {
            self::Dry => Track::of(Surface::Dry),
            self::Wet => Track::of(Surface::Wet),
            self::Snow => Track::of(Surface::Snow),
            self::Ice => Track::of(Surface::Ice),
            self::Gravel => Track::of(Surface::Gravel),
            self::IceLeft => Track::split(Surface::Ice, Surface::Dry),
            self::IceRight => Track::split(Surface::Dry, Surface::Ice),
            self::DryThenIce => Track::change(Surface::Dry, self::DRY_METRES, Surface::Ice),
            self::IceThenDry => Track::change(Surface::Ice, self::ICE_METRES, Surface::Dry),
        };
    }

    /** In km/h, as the ground is long and what is beside it wide. */
    public function mostKilometresPerHour(): int
    {
        return match ($this) {
            self::Dry, self::Wet => 80,
            self::Snow, self::Gravel => 50,
            self::IceThenDry => 40,
            self::IceLeft, self::IceRight => 60,
            self::Ice, self::DryThenIce => 30,
        };
    }

    /** How long the foot stays down; where a stop takes longer it is let go after that. */
    public function brakedSeconds(): float
    {
        return match ($this) {
            self::Ice, self::DryThenIce => 4.0,
            self::Snow => 5.0,
            default => 15.0,
        };
    }

    /** In km/h with the control of slip off: wheels lock, and the car may swing. */
    public function mostUncontrolled(): int
    {
        return match ($this) {
            self::Dry, self::Wet, self::Gravel => 40,
            default => 20,
        };
    }
}
