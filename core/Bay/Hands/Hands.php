<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

/** What hands feel, and what they do without meaning to. */
final readonly class Hands
{
    /**
     * @param  float  $wipesContact  chance that joining a plug wipes a corroded pin bright enough to conduct
     * @param  float  $feelsPlayFromMetres  less play than this is not felt when the wheel is rocked
     * @param  float  $feelSpread  standard deviation of that, relative
     */
    public function __construct(public float $wipesContact, public float $feelsPlayFromMetres, public float $feelSpread)
    {
    }
}
