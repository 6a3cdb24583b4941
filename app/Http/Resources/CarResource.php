<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Bay\Inspection\Sight;
use Lernfall\Vehicle\Cable;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Conductor;
use Lernfall\Vehicle\Link;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Vehicle;
use OpenApi\Attributes as OA;

/** How a car is built, as the path strip draws it. Made from the sound vehicle, so it tells nothing about a fault. */
#[OA\Schema(schema: 'Car', required: ['id', 'name', 'layout', 'body', 'lamps', 'codesBy', 'codeDigits', 'asksBeforeClearing', 'systems', 'brakeParts', 'placesOfTheCar', 'unitIntegrated', 'unitCoded', 'modulePlug', 'plugs', 'channels', 'pads'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'layout', type: 'string'),
    new OA\Property(property: 'body', description: 'what it looks like from above', type: 'string', enum: ['saloon', 'hatchback', 'estate', 'van', 'trailer']),
    new OA\Property(property: 'lamps', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'codesBy', description: 'how the brake module tells its codes', type: 'string', enum: ['scan', 'connector', 'power-cycle']),
    new OA\Property(property: 'codeDigits', description: 'of a code that the lamp blinks; 0 where a scan tool reads them', type: 'integer'),
    new OA\Property(property: 'asksBeforeClearing', description: 'a tool asks before it clears codes in this module', type: 'boolean'),
    new OA\Property(property: 'systems', description: 'as a scan tool lists them', type: 'array', items: new OA\Items(ref: '#/components/schemas/SystemName')),
    new OA\Property(property: 'unitIntegrated', description: 'the hydraulic unit is one housing with the module: windings and relays lie inside', type: 'boolean'),
    new OA\Property(property: 'unitCoded', description: 'a new hydraulic unit has to be told which car it is in', type: 'boolean'),
    new OA\Property(property: 'brakeParts', description: 'valves of a channel, pump, relays, switches, fluid, lamps', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'placesOfTheCar', description: 'places to look at that sit at no corner', type: 'array', items: new OA\Items(type: 'string', enum: ['fuse', 'relay', 'ground', 'fluid', 'unit-pipes', 'pump-fuse', 'pump-relay', 'valve-fuse', 'valve-relay', 'unit-ground', 'pedal-switch', 'lever-switch'])),
    new OA\Property(property: 'modulePlug', type: 'string'),
    new OA\Property(property: 'plugs', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'channels', type: 'array', items: new OA\Items(ref: '#/components/schemas/Channel')),
    new OA\Property(property: 'pads', type: 'array', items: new OA\Items(ref: '#/components/schemas/Pad')),
])]
#[OA\Schema(schema: 'SystemName', required: ['id', 'name'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
])]
#[OA\Schema(schema: 'Channel', required: ['id', 'axle', 'side', 'technology', 'conductors', 'links'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'axle', type: 'string'),
    new OA\Property(property: 'side', type: 'string'),
    new OA\Property(property: 'technology', type: 'string', enum: ['passive', 'current', 'pulse-width', 'sinking', 'sourcing']),
    new OA\Property(property: 'conductors', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'links', type: 'array', items: new OA\Items(ref: '#/components/schemas/Link')),
])]
#[OA\Schema(schema: 'Link', required: ['kind', 'name', 'plug', 'twisted'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['plug', 'cable']),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'plug', type: 'string', description: 'id of the housing, or empty'),
    new OA\Property(property: 'twisted', type: 'boolean'),
])]
#[OA\Schema(schema: 'Pad', required: ['id', 'channel', 'plug', 'side', 'conductor'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'channel', type: 'string'),
    new OA\Property(property: 'plug', type: 'string', description: 'name of the plug within the channel, or empty'),
    new OA\Property(property: 'side', type: 'string', enum: ['wheel', 'module']),
    new OA\Property(property: 'conductor', type: 'string'),
])]
final readonly class CarResource
{
    /** @return array<string, mixed> */
    public static function of(Vehicle $sound): array
    {
        return [
            'id' => $sound->id,
            'name' => $sound->model->name,
            'layout' => $sound->model->build->layout,
            'body' => $sound->model->build->body->value,
            'lamps' => $sound->model->lamps,
            'codesBy' => self::codesBy($sound),
            'codeDigits' => $sound->module->lampCodes->digits ?? 0,
            'asksBeforeClearing' => $sound->module->asksBeforeClearing,
            'systems' => self::systems($sound),
            'brakeParts' => $sound->brakeParts->ids(),
            'placesOfTheCar' => array_column(Sight::ofTheCar($sound), 'value'),
            'unitIntegrated' => $sound->brakeParts->unit !== null && $sound->brakeParts->unit->design->isIntegrated,
            'unitCoded' => $sound->brakeParts->unit !== null && $sound->brakeParts->unit->design->knowsItsCar,
            'modulePlug' => $sound->module->plugId,
            'plugs' => $sound->plugIds(),
            'channels' => array_map(self::channel(...), $sound->channels),
            'pads' => array_map(static fn (Pad $pad): array => [
                'id' => $pad->id, 'channel' => $pad->channel, 'plug' => $pad->plugName, 'side' => $pad->side->value, 'conductor' => $pad->conductor,
            ], Pads::of($sound)),
        ];
    }

    /** @return list<array{id: string, name: string}> as a scan tool lists them */
    public static function systems(Vehicle $vehicle): array
    {
        return array_map(static fn (int|string $id, string $name): array => ['id' => (string) $id, 'name' => $name], array_keys($vehicle->model->systems), $vehicle->model->systems);
    }

    private static function codesBy(Vehicle $sound): string
    {
        $rules = $sound->module->lampCodes;

        return match (true) {
            $rules === null => 'scan',
            $rules->cycle !== null => 'power-cycle',
            default => 'connector',
        };
    }

    /** @return array<string, mixed> */
    private static function channel(Channel $channel): array
    {
        return [
            'id' => $channel->id,
            'axle' => $channel->place->axle,
            'side' => $channel->place->side,
            'technology' => $channel->sensor->technology(),
            'conductors' => array_map(static fn (Conductor $one): string => $one->id, $channel->conductors),
            'links' => array_map(static fn (Link $link): array => [
                'kind' => $link instanceof Plug ? 'plug' : 'cable',
                'name' => $link->name(),
                'plug' => $link instanceof Plug ? $link->plugId : '',
                'twisted' => $link instanceof Cable && $link->twisted,
            ], $channel->links),
        ];
    }
}
