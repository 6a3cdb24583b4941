<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

/** What is plugged into the diagnostic socket. */
enum ScanTool: string
{
    /** Reaches every system of the car. */
    case Terminal = 'terminal';
    /** Sees the engine only. */
    case Reader = 'reader';
}
