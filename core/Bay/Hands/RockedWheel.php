<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Chance\Deviations;

/** A wheel as it is rocked: how far its rim goes from one hand to the other, and whether ring and sensor follow a finger. */
final readonly class RockedWheel
{
    private const MILLIMETRES = 1000.0;

    /** What a hand calls play looks like so much at least; a joint goes between these two. */
    private const FELT = 0.4;

    private const JOINT = 1.2;

    /** Any wheel gives by as much. */
    private const GIVES = 0.1;

    /**
     * @param  bool  $bearing  the play of the bearing is felt
     * @param  bool  $joint  the play of a joint is felt
     */
    public static function picture(Car $car, RockWheel $rock, bool $bearing, bool $joint, bool $ringTurns, bool $sensorMoves): ObservedPicture
    {
        $between = static fn (string $trait, float $least, float $greatest): float => round(
            $least + ($greatest - $least) * (0.5 + $car->deviations->standard("looks.$rock->channel.rocked.$trait") / (2.0 * Deviations::FURTHEST)), 1,
        ) + 0.0;
        $play = $car->vehicle->channel($rock->channel)->wheelEnd->bearingPlayMetres * self::MILLIMETRES;

        return new ObservedPicture('rocked-wheel', [
            'seenFrom' => $rock->at === Grip::TopAndBottom ? 'front' : 'above',
            'rimMillimetres' => round(max($bearing ? max(self::FELT, $play) : self::GIVES, $joint ? $between("joint.{$rock->at->value}", self::FELT, self::JOINT) : self::GIVES), 1),
            'ringMillimetres' => $ringTurns ? $between('ring', 1.0, 2.0) : $between('ring', 0.0, self::GIVES),
            'sensorMillimetres' => $sensorMoves ? $between('sensor', 0.8, 2.0) : $between('sensor', 0.0, self::GIVES),
            'dirt' => $between('dirt', 0.1, 0.6),
        ]);
    }
}
