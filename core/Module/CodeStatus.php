<?php

declare(strict_types=1);

namespace Lernfall\Module;

enum CodeStatus: string
{
    case Present = 'present';
    case History = 'history';
}
