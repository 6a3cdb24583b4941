<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Variation;

/** In what the cars of one case differ from each other, besides how parts scatter. */
enum Variation: string
{
    /** The fault as it was composed, for everybody. */
    case None = 'same';

    /** The same kind of fault at another corner, on another wire, in another strength, worth as much. */
    case SameKind = 'kind';

    /** Any fault that takes about as long to find. */
    case OtherFaults = 'other';
}
