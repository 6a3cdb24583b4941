<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

/** When a reading is taken to separate. */
final readonly class Separating
{
    /**
     * @param  float  $rivalsUpTo  what a repair would leave has to be as unlikely as this, all together
     * @param  float  $factor  by which a reading has to make it less likely, as odds
     */
    public function __construct(public float $rivalsUpTo, public float $factor)
    {
    }
}
