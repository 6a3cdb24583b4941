<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Cable;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Link;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Vehicle;

/** Whether the parts of a vehicle, each sound by itself, make a whole: what everything else takes for granted. */
final readonly class VehicleParts
{
    /** @throws InvalidDocument naming the entry that something is missing from */
    public static function fitting(Vehicle $vehicle, Node $root): Vehicle
    {
        if ($vehicle->channels === []) {
            throw $root->at('channels')->wrong('a-channel');
        }
        foreach ($vehicle->channels as $channel) {
            $node = $root->at('channels')->at($channel->id);
            if (! self::isWay($channel->links)) {
                throw $node->at('links')->wrong('links');
            }
            if (! isset($vehicle->model->dataSheet[$channel->place->axle])) {
                throw $root->at('dataSheet')->wrong('sheet-of', ['axle' => $channel->place->axle]);
            }
            if (count(array_unique(array_column($channel->conductors, 'id'))) < count($channel->conductors)) {
                throw $node->at('conductors')->wrong('different-conductors');
            }
        }
        $plugs = array_values(array_unique(array_map(static fn (Channel $channel): string => $channel->plug('module-plug')->plugId, $vehicle->channels)));

        return $plugs === [$vehicle->module->plugId] ? $vehicle : throw $root->at('module')->at('plugId')->noneOf($plugs);
    }

    /**
     * From the sensor to the module: its plug first, the module's last, the loom between them, an extension with its plug
     * perhaps, each once.
     *
     * @param  list<Link>  $links
     */
    private static function isWay(array $links): bool
    {
        $kinds = [];
        foreach ($links as $link) {
            $kinds[$link->name()] = $link::class;
        }
        $names = implode(' ', array_keys($kinds));
        $expected = ['sensor-plug' => Plug::class, 'extension' => Cable::class, 'body-plug' => Plug::class, 'loom' => Cable::class, 'module-plug' => Plug::class];

        return count($kinds) === count($links)
            && in_array($names, ['sensor-plug loom module-plug', 'sensor-plug extension body-plug loom module-plug'], true)
            && array_intersect_assoc($kinds, $expected) === $kinds;
    }
}
