<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** When a module puts its lamp out after what set it has been mended. */
enum LampOut: string
{
    /** As soon as the test passes, for what is tested at standstill at the next key-on. */
    case Passed = 'passed';
    /** Once the car has rolled after that. */
    case Rolled = 'rolled';
    /** Only by clearing the codes. */
    case Cleared = 'cleared';
}
