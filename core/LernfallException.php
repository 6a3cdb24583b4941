<?php

declare(strict_types=1);

namespace Lernfall;

use Throwable;

/** Everything the core throws on purpose; each cause has a class of its own. */
interface LernfallException extends Throwable
{
}
