<?php

declare(strict_types=1);

namespace Lernfall\Chance;

/** What a hand or a foot makes of something that lies near to where it would be called otherwise: nobody's limit is the same twice. */
final readonly class NearLimit
{
    /** The logistic curve with this in its exponent lies nowhere further than a hundredth from the normal distribution; a known approximation, from memory. */
    private const LIKE_NORMAL = 1.702;

    /** Further from the limit than this, in standard deviations, there is no doubt. */
    private const BEYOND_DOUBT = 4.0;

    /**
     * The chance that a value is taken for one above the limit.
     *
     * @param  float  $spreadShare  standard deviation of the limit, as a share of it; above 0
     */
    public static function above(float $value, float $limit, float $spreadShare): float
    {
        $deviations = ($value - $limit) / ($spreadShare * $limit);

        return match (true) {
            $deviations > self::BEYOND_DOUBT => 1.0,
            $deviations < -self::BEYOND_DOUBT => 0.0,
            default => 1.0 / (1.0 + exp(-self::LIKE_NORMAL * $deviations)),
        };
    }
}
