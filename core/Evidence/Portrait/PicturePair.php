<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Portrait;

use Lernfall\Bay\Contract\ObservedPicture;

/** One place of the same car as it looks sound, and with a fault that can be seen there. */
final readonly class PicturePair
{
    /** As a place: what a wheel shows while it is rocked. */
    public const ROCKED = 'rocked';

    /**
     * @param  string  $at  a Sight by its value, or ROCKED
     * @param  string  $sight  the word for what is to be seen in the faulty one
     */
    public function __construct(public string $channel, public string $at, public string $sight, public ObservedPicture $sound, public ObservedPicture $faulty)
    {
    }
}
