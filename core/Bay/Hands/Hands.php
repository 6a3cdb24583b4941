<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;

/** What hands feel, and what they do without meaning to. */
final readonly class Hands implements Equipment
{
    /**
     * @param  float  $wipesContact  chance that joining a plug wipes a corroded pin bright enough to conduct
     * @param  float  $feelsPlayFromMetres  less play than this is not felt when the wheel is rocked
     * @param  float  $feelSpread  standard deviation of that, relative
     * @param  float  $warmsByKelvin  how much warmer a sensor gets that is warmed on purpose
     * @param  float  $breaksSeized  chance that a sensor breaks that sits fast when it is drawn
     * @param  float  $ballJointPlay  chance that a joint has play that is felt when a wheel is rocked at top and bottom
     * @param  float  $trackRodPlay  the same at front and rear
     */
    public function __construct(
        public float $wipesContact, public float $feelsPlayFromMetres, public float $feelSpread, public float $warmsByKelvin, public float $breaksSeized, public float $ballJointPlay, public float $trackRodPlay,
    ) {
    }

    public static function read(Node $workshop): static
    {
        $hands = $workshop->at('hands');

        return new self($hands->float('wipesContact'), $hands->float('feelsPlayFromMillimetres') / 1000.0, $hands->float('feelSpread'), $hands->float('warmsByKelvin'), $hands->float('breaksSeized'), $hands->float('ballJointPlay'), $hands->float('trackRodPlay'));
    }
}
