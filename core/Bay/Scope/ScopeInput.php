<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scope;

/** One input of the scope with its two leads. */
final readonly class ScopeInput
{
    /** @param  bool  $blocksDc  the standing part is left out (AC coupling) */
    public function __construct(public string $first, public string $second, public float $voltsPerDivision, public bool $blocksDc)
    {
    }
}
