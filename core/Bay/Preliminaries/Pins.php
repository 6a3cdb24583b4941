<?php

declare(strict_types=1);

namespace Lernfall\Bay\Preliminaries;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\PadSide;
use Lernfall\Vehicle\Plug;

/** The pads of a channel that tests use. Conductors are counted from 0. */
final readonly class Pins
{
    public static function sensorPlug(Channel $channel): Plug
    {
        return $channel->plugs()[0];
    }

    public static function modulePlug(Channel $channel): Plug
    {
        $plugs = $channel->plugs();

        return $plugs[count($plugs) - 1];
    }

    /** On the sensor's side of its plug. */
    public static function ofSensor(Channel $channel, int $conductor): string
    {
        return self::at($channel, self::sensorPlug($channel), PadSide::Wheel, $conductor);
    }

    /** On the loom's side of the sensor plug. */
    public static function ofLoom(Channel $channel, int $conductor): string
    {
        return self::at($channel, self::sensorPlug($channel), PadSide::Module, $conductor);
    }

    /** On the loom's side of the module plug. */
    public static function atModule(Channel $channel, int $conductor): string
    {
        return self::at($channel, self::modulePlug($channel), PadSide::Wheel, $conductor);
    }

    public static function at(Channel $channel, Plug $plug, PadSide $side, int $conductor): string
    {
        return Pad::onPlug($channel->id, $plug->name(), $side, $channel->conductors[$conductor]->id)->id;
    }
}
