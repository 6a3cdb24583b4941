<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection;

/** Where one can look. */
enum Sight: string
{
    case Ring = 'ring';
    case Gap = 'gap';
    case Tip = 'tip';
    case Cable = 'cable';
    case SensorPlug = 'sensor-plug';
    case BodyPlug = 'body-plug';
    case ModulePlug = 'module-plug';
    case Tyre = 'tyre';
    case Fuse = 'fuse';
    case Ground = 'ground';
    /** In the reservoir of the master cylinder. */
    case Fluid = 'fluid';

    /** Whether one has to reach in at a wheel for it. */
    public function isAtTheWheel(): bool
    {
        return in_array($this, [self::Ring, self::Gap, self::Tip, self::Cable, self::SensorPlug, self::BodyPlug], true);
    }

    /** Whether it sits at no corner. */
    public function isOfTheWholeCar(): bool
    {
        return in_array($this, [self::Fuse, self::Ground, self::Fluid], true);
    }
}
