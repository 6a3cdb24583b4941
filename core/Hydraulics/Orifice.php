<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

use Lernfall\Vehicle\Brakes\VolumeCurve;

/**
 * A brake that empties or fills through an opening towards a pressure that stays.
 *
 * With q = k·√Δp and a capacity C that stays, √Δp falls evenly: √Δp(t) = max(0, √Δp(0) − k·t / 2C), which is the exact solution of
 * dp/dt = k·√Δp / C (Torricelli's law). C is taken as the slope of the chord of the volume curve between the pressures before and
 * after, so that what has flowed is just what the brake took.
 */
final readonly class Orifice
{
    private const ROUNDS = 3;

    /**
     * The pressure in bar after so many seconds.
     *
     * @param  float  $flow  coefficient, cubic centimetres a second at one bar
     */
    public static function after(VolumeCurve $volume, float $bar, float $towardsBar, float $flow, float $seconds): float
    {
        $root = sqrt(abs($towardsBar - $bar));
        if ($root === 0.0 || $flow === 0.0) {
            return $bar;
        }
        $sign = $towardsBar > $bar ? 1.0 : -1.0;
        $capacity = $volume->capacity($bar);
        $held = $volume->volume($bar);
        $after = $bar;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $after = $towardsBar - $sign * max(0.0, $root - $flow * $seconds / (2.0 * $capacity)) ** 2;
            if (abs($after - $bar) < 1e-9) {
                break;
            }
            $capacity = ($volume->volume($after) - $held) / ($after - $bar);
        }

        return $after;
    }
}
