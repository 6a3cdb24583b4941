<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** What a vehicle looks like from above; nothing is computed from it. */
enum Body: string
{
    case Saloon = 'saloon';
    case Hatchback = 'hatchback';
    case Estate = 'estate';
    case Van = 'van';
    case Trailer = 'trailer';

    /** Where a vehicle's data do not say it. */
    public static function usual(string $layout): self
    {
        return $layout === 'trailer' ? self::Trailer : self::Hatchback;
    }
}
