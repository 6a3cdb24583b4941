<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Bay\ClosedGround\Footing;
use Lernfall\Bay\ClosedGround\StartWork;
use Lernfall\Fault\Catalogue;
use Lernfall\Road\Corners;
use Lernfall\Vehicle\Vehicle;
use OpenApi\Attributes as OA;

/** What can be driven on the road of the lab. */
#[OA\Schema(schema: 'RoadLabOptions', required: ['cars', 'footings'], properties: [
    new OA\Property(property: 'cars', type: 'array', items: new OA\Items(ref: '#/components/schemas/RoadLabCar')),
    new OA\Property(property: 'footings', type: 'array', items: new OA\Items(type: 'string', enum: Footing::class)),
])]
#[OA\Schema(schema: 'RoadLabCar', required: ['id', 'name', 'wheels', 'defects'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'wheels', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'defects', type: 'array', items: new OA\Items(ref: '#/components/schemas/RoadLabDefect')),
])]
#[OA\Schema(schema: 'RoadLabDefect', required: ['id', 'places'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'places', description: 'wheels, or the car as a whole', type: 'array', items: new OA\Items(type: 'string')),
])]
final readonly class RoadLabResource
{
    /** Kinds of fault that a drive can show. */
    public const DEFECTS = [
        'inlet-stuck-open', 'inlet-stuck-shut', 'inlet-throttled', 'inlet-leaking', 'outlet-stuck-open', 'outlet-stuck-shut', 'outlet-throttled', 'outlet-leaking', 'valve-stuck', 'isolation-stuck-open',
        'priming-stuck-shut', 'priming-leaking', 'pump-half-dead', 'pump-dead', 'valve-relay-burnt', 'valve-fuse-blown', 'hose-collapsed', 'lining-oily', 'caliper-seized', 'slide-pins-seized', 'air-in-brake', 'assistance-lost',
        'brake-pipes-crossed', 'module-inputs-crossed', 'stop-lamp-switch-stuck', 'temperature-switch-open', 'ring-wrong', 'ring-bent', 'ring-cracked', 'tooth-missing', 'gap-large', 'tip-dusty', 'sensor-dead',
        'tyre-other-size',
    ];

    public static function isDriven(Vehicle $vehicle): bool
    {
        return Corners::of($vehicle) !== null && StartWork::isPossible($vehicle);
    }

    /**
     * @param  array<string, Vehicle>  $vehicles  by name of their file
     * @return array<string, mixed>
     */
    public static function options(array $vehicles, Catalogue $catalogue): array
    {
        $cars = [];
        foreach (array_filter($vehicles, self::isDriven(...)) as $id => $vehicle) {
            $places = static fn (string $kind): array => $catalogue->entry($kind)->kind->places($vehicle);
            $cars[] = [
                'id' => $id,
                'name' => $vehicle->model->name,
                'wheels' => Corners::of($vehicle)->ids ?? [],
                'defects' => array_values(array_map(static fn (string $kind): array => ['id' => $kind, 'places' => $places($kind)], array_filter(self::DEFECTS, static fn (string $kind): bool => $places($kind) !== []))),
            ];
        }

        return ['cars' => $cars, 'footings' => array_column(Footing::cases(), 'value')];
    }
}
