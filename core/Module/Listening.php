<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Vehicle\Channel;
use LogicException;

/** The module's end of a channel, as its program sees it. */
final readonly class Listening
{
    public static function at(Channel $channel): SpeedListening
    {
        return $channel->moduleEnd->input instanceof SpeedListening ? $channel->moduleEnd->input : throw new LogicException('nothing listens at '.$channel->id);
    }
}
