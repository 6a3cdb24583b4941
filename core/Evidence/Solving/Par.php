<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Solving;

/** What a case takes by sensible work: minutes of diagnosis, repair and proof, and tests after the codes were read. */
final readonly class Par
{
    public function __construct(public float $minutes, public int $tests)
    {
    }
}
