<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Vehicle\Cable;
use Lernfall\Vehicle\Channel;

/** The cable followed from the sensor's plug to where it looks worst: its sheath, and the wires where that is open. Strands broken inside are not to be seen. */
final readonly class CableSheath
{
    /** Between these shares of the way to the module it moves with the wheel and is worn most. */
    private const WORN = [0.1, 0.5];

    public static function picture(Scene $scene): ObservedPicture
    {
        $channel = $scene->channel();
        $shows = ['scuffed' => $scene->harmless('scuffed', 0.1, 0.9), 'dirt' => $scene->harmless('dirt', 0.1, 0.5)];
        foreach ($channel->conductors as $number => $conductor) {
            $shows['colour.'.($number + 1)] = $conductor->colour;
        }
        if ($scene->touching !== '') {
            $shows['beside'] = $scene->touching === 'runs-clear' ? 'nothing' : substr($scene->touching, strlen('touches-'));
        }
        $shows['along'] = $scene->anywhere('along', ...self::WORN);
        $shows['bare'] = $scene->sees('chafed') ? self::bare($channel) : '';
        $shows['openMillimetres'] = $scene->sees('chafed') ? $scene->anywhere('length', 8.0, 16.0) : 0.0;
        $shows['cover'] = match (true) {
            $scene->sees('taped') => 'tape',
            $scene->sees('mended-untwisted') => 'single-wires',
            default => 'sheath',
        };

        return new ObservedPicture('cable', $shows);
    }

    /** Which conductors show copper, by their number in the cable; of a bridge between two of them both. */
    private static function bare(Channel $channel): string
    {
        $bare = [];
        foreach ($channel->links as $link) {
            if (! $link instanceof Cable) {
                continue;
            }
            foreach ($channel->conductors as $number => $conductor) {
                if ($link->bridgeOhms !== null && $number < 2 || $link->wires[$conductor->id]->leaks !== []) {
                    $bare[] = $number + 1;
                }
            }
        }

        return implode(' ', array_unique($bare));
    }
}
