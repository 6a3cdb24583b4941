<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Conductor;
use Lernfall\Vehicle\Plug;

/** A plug: joined, its housing and catch; open, its pins with the wires behind them. */
final readonly class PlugFace
{
    /** A crust shows from here on, and grows by a tenth with each power of ten of the resistance it makes. */
    private const LEAST_CRUST = 0.4;

    public static function picture(Scene $scene): ObservedPicture
    {
        $channel = $scene->channel();
        $plug = $channel->plug($scene->look->at->value);
        $shows = ['dirt' => $scene->harmless('dirt', 0.1, 0.8), 'catch' => $scene->sees('catch-open') ? 'away' : 'over'];
        if (! $scene->car->state->isOpen($plug->plugId)) {
            return new ObservedPicture('plug-joined', $shows);
        }
        foreach ($channel->conductors as $index => $conductor) {
            $number = $index + 1;
            $contact = $plug->contacts[$conductor->id];
            $shows["pin.$number"] = $scene->look->at === Sight::ModulePlug ? $conductor->modulePin : $conductor->sensorPin;
            $shows["colour.$number"] = self::wire($scene, $channel, $plug, $index)->colour;
            $shows["crust.$number"] = $contact->corroded && $scene->sees('pins-green') ? Scene::rounded(min(1.0, self::LEAST_CRUST + 0.1 * log10(max(1.0, $contact->ohms)))) : $scene->anywhere("crust.$number", 0.0, 0.1);
            $shows["dull.$number"] = $scene->harmless("dull.$number", 0.1, 0.6);
            $shows["backMillimetres.$number"] = ! $contact->touches && $scene->sees('pin-sits-back') ? $scene->anywhere("back.$number", 1.6, 2.6) : $scene->anywhere("back.$number", 0.0, 0.3);
        }

        return new ObservedPicture('plug-face', $shows);
    }

    /** The wire that sits there, which need not be the one that belongs there. */
    private static function wire(Scene $scene, Channel $channel, Plug $plug, int $index): Conductor
    {
        if (! $scene->sees('colours-crossed')) {
            return $channel->conductors[$index];
        }
        if ($plug->crossed && $index < 2) {
            return $channel->conductors[1 - $index];
        }
        $sits = $scene->car->vehicle->channel($scene->car->vehicle->inputs()[$channel->id]);

        return $sits->conductors[$index] ?? $channel->conductors[$index];
    }
}
