<?php

declare(strict_types=1);

namespace Lernfall\Calibration;

use Lernfall\Chance\Draw;

/** A car its makers would not know: gap decay up to 30 % off, limits of module and inputs up to 20 %, parts scattering half as much again. */
final readonly class DistortedVehicle
{
    private const DECAY_SHARE = 0.3;

    private const LIMIT_SHARE = 0.2;

    private const SCATTER_FACTOR = 1.5;

    private const DECAY = 'gapDecayMillimetres';

    /** By the names they have in a vehicle file, of passive channels and of active ones. */
    public const LIMITS = [
        'openAboveVolts', 'groundBelowVolts', 'shortedBelowVolts', 'thresholdPeakVolts',
        'thresholdMilliamperes', 'leastTestMilliamperes', 'leastTestVolts', 'thresholdVolts', 'leastSupplyMilliamperes', 'leastSupplyVolts',
    ];

    private const SCATTER = ['signal', 'gap'];

    /**
     * @param  array<array-key, mixed>  $document  a decoded vehicle file
     * @return array<array-key, mixed>
     */
    public static function of(array $document, Draw $draw): array
    {
        $off = static fn (string $name, float $share): float => 1.0 + $share * (2.0 * $draw->uniform($name) - 1.0);
        array_walk_recursive($document, static function (mixed &$value, mixed $key) use ($off): void {
            if (! is_int($value) && ! is_float($value)) {
                return;
            }
            $value = match (true) {
                $key === self::DECAY => $value * $off('decay', self::DECAY_SHARE),
                in_array($key, self::LIMITS, true) => $value * $off("threshold $key", self::LIMIT_SHARE),
                in_array($key, self::SCATTER, true) && $value < 0.5 => $value * self::SCATTER_FACTOR,
                default => $value,
            };
        });

        return $document;
    }
}
