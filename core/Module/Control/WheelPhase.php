<?php

declare(strict_types=1);

namespace Lernfall\Module\Control;

/** What the control of slip is doing at a wheel. */
enum WheelPhase: string
{
    case AsPressed = 'as-pressed';
    case LetsGo = 'lets-go';
    case Waits = 'waits';
    case Builds = 'builds';
}
