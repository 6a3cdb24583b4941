<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;

/** The relay that feeds the module, out of its holder with the cap off: its pair of contacts. */
final readonly class RelayContacts
{
    public static function picture(Scene $scene): ObservedPicture
    {
        $burn = $scene->anywhere('burn', 0.6, 1.0);

        return new ObservedPicture('relay', [
            'burn' => $scene->sees('contacts-burnt') ? $burn : $scene->harmless('soot', 0.1, 0.3),
            'dull' => $scene->harmless('dull', 0.1, 0.6),
            'dust' => $scene->harmless('dust', 0.1, 0.5),
        ]);
    }
}
