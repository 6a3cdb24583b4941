<?php

declare(strict_types=1);

namespace Lernfall\Bay\Probing;

use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\UnknownPart;
use Lernfall\Vehicle\Vehicle;

/** Whether two leads are put on two pads that exist. */
final readonly class PadSettings
{
    /** @throws UnfitAction */
    public static function pair(Vehicle $vehicle, string $first, string $second): void
    {
        foreach (['first' => $first, 'second' => $second] as $field => $pad) {
            try {
                Pads::find($vehicle, $pad);
            } catch (UnknownPart) {
                throw UnfitAction::unknown($field, $pad);
            }
        }
        if ($first === $second) {
            throw UnfitAction::samePad();
        }
    }
}
