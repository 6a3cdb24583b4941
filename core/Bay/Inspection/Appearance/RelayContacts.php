<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;

/** A relay out of its holder with the cap off: its pair of contacts, apart from each other as nothing works it. */
final readonly class RelayContacts
{
    public static function picture(Scene $scene): ObservedPicture
    {
        $burn = $scene->anywhere('burn', 0.6, 1.0);

        return new ObservedPicture('relay', [
            'burn' => $scene->sees('contacts-burnt') ? $burn : $scene->harmless('soot', 0.1, 0.3),
            'apartMillimetres' => $scene->sees('contacts-stuck') ? 0.0 : $scene->anywhere('apart', 0.8, 1.2),
            'dull' => $scene->harmless('dull', 0.1, 0.6),
            'dust' => $scene->harmless('dust', 0.1, 0.5),
        ]);
    }
}
