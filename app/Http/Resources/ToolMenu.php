<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Documents\ContentLibrary;
use Lernfall\Format\VehicleReader;
use Lernfall\Vehicle\Vehicle;

/** The menu of a scan tool: all cars it knows, and the systems of each by its own names. */
final readonly class ToolMenu
{
    public function __construct(private ContentLibrary $library)
    {
    }

    /**
     * With this car among them, which may be one of a case's own.
     *
     * @return list<array{id: string, name: string, systems: list<array{id: string, name: string}>}> in the order of their names
     */
    public function for(Vehicle $sound): array
    {
        $menu = [$sound->id => self::entry($sound)];
        foreach ($this->library->vehicles() as $id => $document) {
            $menu[$id] ??= self::entry(VehicleReader::read($document));
        }
        usort($menu, static fn (array $one, array $other): int => $one['name'] <=> $other['name']);

        return $menu;
    }

    /** @return array{id: string, name: string, systems: list<array{id: string, name: string}>} */
    private static function entry(Vehicle $vehicle): array
    {
        return ['id' => $vehicle->id, 'name' => $vehicle->model->name, 'systems' => CarResource::systems($vehicle)];
    }
}
