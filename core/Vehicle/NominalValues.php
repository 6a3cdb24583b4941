<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** What the maker's data sheet gives for the sensors of one axle. */
final readonly class NominalValues
{
    /** @param  list<NominalValue>  $values  what is not given is not there */
    public function __construct(public float $greatestGapMetres, public GapSetting $gapSetting, public array $values)
    {
    }
}
