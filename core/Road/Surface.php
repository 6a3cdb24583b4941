<?php

declare(strict_types=1);

namespace Lernfall\Road;

/** What a wheel stands on. */
enum Surface: string
{
    case Dry = 'dry';
    case Wet = 'wet';
    case Snow = 'snow';
    case Ice = 'ice';
    case Gravel = 'gravel';

    /**
     * Dry and wet asphalt, snow and ice as published (see Friction). Gravel is of the same form with figures of its own, so that friction rises up to the locked wheel, which pushes
     * a wedge before it; common practice, no source.
     */
    public function friction(): Friction
    {
        return match ($this) {
            self::Dry => new Friction(1.2801, 23.99, 0.52),
            self::Wet => new Friction(0.857, 33.822, 0.347),
            self::Snow => new Friction(0.1946, 94.129, 0.0646),
            self::Ice => new Friction(0.05, 306.39, 0.0),
            self::Gravel => new Friction(0.42, 30.0, -0.24),
        };
    }
}
