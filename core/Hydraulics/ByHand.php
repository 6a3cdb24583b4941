<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

/** How a wheel turns that is tried by hand. */
enum ByHand: string
{
    case Free = 'free';
    case Dragging = 'dragging';
    case Held = 'held';

    /**
     * @param  float  $dragsFromNewtonMetres  a hand feels this
     * @param  float  $heldFromNewtonMetres  a hand does not turn it any more
     */
    public static function of(float $newtonMetres, float $dragsFromNewtonMetres, float $heldFromNewtonMetres): self
    {
        return match (true) {
            $newtonMetres >= $heldFromNewtonMetres => self::Held,
            $newtonMetres >= $dragsFromNewtonMetres => self::Dragging,
            default => self::Free,
        };
    }
}
