<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

/** What became of a code once parts have changed places, were joined or tried: it moved along, stayed where it was, or went. */
enum CodeChange: string
{
    case Moved = 'moved';
    case Stayed = 'stayed';
    case Gone = 'gone';
}
