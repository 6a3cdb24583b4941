<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Portrait;

use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Bay\Inspection\LookAt;

/** One place of the same car as it looks sound, and with a fault that can be seen there. */
final readonly class PicturePair
{
    /** @param  string  $sight  the word for what is to be seen in the faulty one */
    public function __construct(public LookAt $look, public string $sight, public ObservedPicture $sound, public ObservedPicture $faulty)
    {
    }
}
