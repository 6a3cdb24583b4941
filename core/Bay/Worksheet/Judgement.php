<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

enum Judgement: string
{
    case In = 'in';
    case Out = 'out';
    case Differs = 'differs';
    case Unsure = 'unsure';
    case SaysNothing = 'says-nothing';
}
