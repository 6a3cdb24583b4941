<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** Looks, measures or reads, and leaves the car as it is. */
interface Observing extends CarAction
{
}
