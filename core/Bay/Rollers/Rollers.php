<?php

declare(strict_types=1);

namespace Lernfall\Bay\Rollers;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;
use Lernfall\Quantity;

/** The roller bench, the foot that brakes on it, and how much the brakes of sound cars differ. */
final readonly class Rollers implements Equipment
{
    /**
     * @param  float  $pressSeconds  until the pedal is down
     * @param  float  $holdSeconds  after that
     * @param  float  $digitNewtons  one step of the display
     * @param  float  $noiseNewtons  standard deviation of one repetition
     * @param  float  $frictionSpread  standard deviation of sound linings, relative to the force
     */
    public function __construct(
        public float $footNewtons,
        public float $pressSeconds,
        public float $holdSeconds,
        public float $digitNewtons,
        public float $noiseNewtons,
        public float $frictionSpread,
    ) {
        Quantity::positive(['footNewtons' => $footNewtons, 'pressSeconds' => $pressSeconds, 'holdSeconds' => $holdSeconds, 'digitNewtons' => $digitNewtons]);
        Quantity::notNegative(['noiseNewtons' => $noiseNewtons, 'frictionSpread' => $frictionSpread]);
    }

    public static function read(Node $workshop): static
    {
        $rollers = $workshop->at('rollers');

        return new self(
            $rollers->float('footNewtons'), $rollers->float('pressSeconds'), $rollers->float('holdSeconds'),
            $rollers->float('digitNewtons'), $rollers->float('noiseNewtons'), $rollers->float('frictionSpread'),
        );
    }
}
