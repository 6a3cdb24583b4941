<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

enum StationMark: string
{
    case NotJudged = 'not-judged';
    case Open = 'open';
    case Suspect = 'suspect';
    case Cleared = 'cleared';
}
