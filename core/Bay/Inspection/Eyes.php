<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;

/** How surely a look finds what is there to be seen. */
final readonly class Eyes implements Equipment
{
    /**
     * @param  float  $blemish  chance that a sound place bears a harmless mark
     * @param  float  $faintBelowOhms  corrosion weaker than this is faint to the eye
     * @param  float  $gapStrikesAbove  a gap strikes the eye above this multiple of the greatest allowed one
     */
    public function __construct(
        public float $ringOnTheFloor,
        public float $ringRaised,
        public float $chafe,
        public float $corrosion,
        public float $faintCorrosion,
        public float $faintBelowOhms,
        public float $gapStrikesAbove,
        public float $gapSpread,
        public float $blemish,
    ) {
    }

    public static function read(Node $workshop): static
    {
        $eyes = $workshop->at('eyes');

        return new self(
            $eyes->float('ringOnTheFloor'), $eyes->float('ringRaised'), $eyes->float('chafe'), $eyes->float('corrosion'),
            $eyes->float('faintCorrosion'), $eyes->float('faintBelowOhms'), $eyes->float('gapStrikesAbove'), $eyes->float('gapSpread'), $eyes->float('blemish'),
        );
    }
}
