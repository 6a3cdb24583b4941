<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

/** Written on the job card; the car is not touched. */
interface CardAction extends Action
{
}
