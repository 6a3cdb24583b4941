<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

enum Judgement: string
{
    case In = 'in';
    case Out = 'out';
    case Unsure = 'unsure';
    case SaysNothing = 'says-nothing';
}
