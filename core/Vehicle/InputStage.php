<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** The module's end of a channel; each sensor technology has its own. */
interface InputStage
{
}
