<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Preview;

use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Module\Blinking;
use Lernfall\Vehicle\Vehicle;

/** A cell whose lamp has been counted: an instructor wants the codes, not the blinks. */
final readonly class CountedCell
{
    public const NONE = 'none';

    public static function of(Cell $cell, Vehicle $vehicle): Cell
    {
        $count = static fn (Feature $feature): Feature => $feature instanceof CategoryFeature ? self::counted($feature, $vehicle) : $feature;

        return new Cell(array_map($count, $cell->faulty), array_map($count, $cell->healthy), $cell->differs);
    }

    private static function counted(CategoryFeature $lamp, Vehicle $vehicle): CategoryFeature
    {
        $rules = $vehicle->module->lampCodes;
        $chances = [];
        foreach ($lamp->chances as $seen => $chance) {
            $codes = $rules !== null && str_contains((string) $seen, ' ') ? implode(', ', Blinking::fromText((string) $seen)->counted($rules)) : (string) $seen;
            $codes = $codes === '' ? self::NONE : $codes;
            $chances[$codes] = ($chances[$codes] ?? 0.0) + $chance;
        }

        return new CategoryFeature($chances);
    }
}
