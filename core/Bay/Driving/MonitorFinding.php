<?php

declare(strict_types=1);

namespace Lernfall\Bay\Driving;

use Lernfall\Drive\Moment;
use Lernfall\Module\Failure;

/** What the module found on a drive. */
final readonly class MonitorFinding
{
    /** @param  bool  $acted  by a fault that comes and goes */
    public function __construct(public string $channel, public Failure $failure, public ?Moment $moment, public bool $acted)
    {
    }
}
