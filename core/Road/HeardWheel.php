<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Module\Control\ToothTimer;

/** A wheel as the module hears it, and the wheel whose ring that is. */
final readonly class HeardWheel
{
    public function __construct(public int $turned, public ToothTimer $timer)
    {
    }
}
