<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scan;

/** What is plugged into the diagnostic socket. */
enum ScanTool: string
{
    /** Reaches every system of the car. */
    case Terminal = 'terminal';
    /** The same, but codes with a number of the maker's own it shows by that number alone, in hexadecimal. */
    case Older = 'older';
    /** Sees the engine only. */
    case Reader = 'reader';
}
