<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection;

/** How somebody looks at a place. */
enum Manner: string
{
    /** With a lamp, and as long as it takes. */
    case Closely = 'closely';
    /** In the light there is, from where one stands. */
    case InPassing = 'in-passing';
    /** Closely, and from where one would not look first: what lies on the side turned away. */
    case FromBehind = 'from-behind';
}
