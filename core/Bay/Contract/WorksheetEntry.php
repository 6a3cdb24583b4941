<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** Written on the job card; the car is not touched. */
interface WorksheetEntry extends Action
{
}
