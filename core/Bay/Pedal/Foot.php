<?php

declare(strict_types=1);

namespace Lernfall\Bay\Pedal;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;
use Lernfall\Quantity;

/** The foot that tries a pedal, and from where on it feels that something is not as on another car of the kind. */
final readonly class Foot implements Equipment
{
    /**
     * @param  float  $lowFromCentimetres  further down than usual under the light foot
     * @param  float  $highFromCentimetres  less far down than usual
     * @param  float  $softFromCentimetres  gives way further than usual from the light foot to the firm one
     * @param  float  $sinksFromCentimetres  while it is held
     * @param  float  $spread  by which one foot differs from another, as a share of these
     */
    public function __construct(
        public float $lightNewtons,
        public float $firmNewtons,
        public float $holdSeconds,
        public float $lowFromCentimetres,
        public float $highFromCentimetres,
        public float $softFromCentimetres,
        public float $sinksFromCentimetres,
        public float $spread,
    ) {
        Quantity::positive(['spread' => $spread]);
    }

    public static function read(Node $workshop): static
    {
        $foot = $workshop->at('foot');

        return new self(
            $foot->float('lightNewtons'), $foot->float('firmNewtons'), $foot->float('holdSeconds'),
            $foot->float('lowFromCentimetres'), $foot->float('highFromCentimetres'), $foot->float('softFromCentimetres'), $foot->float('sinksFromCentimetres'), $foot->float('spread'),
        );
    }
}
