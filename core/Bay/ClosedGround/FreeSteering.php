<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

/** Where a car is steered in a part of a free drive. */
enum FreeSteering: string
{
    case Straight = 'straight';
    case Left = 'left';
    case Right = 'right';

    /** 1 to the left, -1 to the right. */
    public function turns(): int
    {
        return match ($this) {
            self::Straight => 0,
            self::Left => 1,
            self::Right => -1,
        };
    }
}
