<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** One thing a person can take from an observation, as it is predicted. */
interface Feature
{
}
