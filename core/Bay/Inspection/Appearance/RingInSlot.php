<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;

/** The few teeth in the slot, and one turn of the ring past it by hand. How many teeth there are nobody sees; they have to be counted. */
final readonly class RingInSlot
{
    public static function picture(Scene $scene): ObservedPicture
    {
        $ring = $scene->channel()->wheelEnd->ring;
        $damage = $ring->damage;
        $turns = $scene->car->state->wheels->turnsOf($scene->look->channel) !== 0.0;
        $millimetres = static fn (string $sight, float $metres): float => $scene->sees($sight) ? Scene::rounded(max(0.2, $metres * 1000.0)) : $scene->anywhere($sight, 0.0, 0.1);

        return new ObservedPicture($ring->isEncoder ? 'encoder' : 'ring', [
            'rust' => $scene->sees('ring-swollen') ? Scene::rounded(max(0.5, $damage->swollen)) : $scene->harmless('rust', 0.1, 0.8),
            'dirt' => $scene->sees('ring-packed') ? Scene::rounded(0.6 + 0.4 * $damage->dirt) : $scene->harmless('dirt', 0.1, 0.5),
            'turning' => $turns ? 'yes' : 'no',
            'light' => $scene->car->state->lift->raised ? 'below' : 'side',
            'at' => $scene->anywhere('where', 0.1, 0.9),
            'gone' => $scene->sees('tooth-missing') || $scene->sees('encoder-scratched') ? (float) $damage->missingTeeth : 0.0,
            'chipped' => $scene->sees('tooth-chipped') ? (float) $damage->chippedTeeth : 0.0,
            'gapePitches' => $scene->sees('ring-cracked') ? Scene::rounded(max(0.2, $damage->crackPitches)) : 0.0,
            'eaten' => $scene->sees('ring-swollen') ? Scene::rounded($damage->swollen) : $scene->anywhere('eaten', 0.0, 0.1),
            'liftMillimetres' => $millimetres('ring-lifted', $damage->liftMetres),
            'wobbleMillimetres' => $millimetres('ring-wobbles', $damage->runoutMetres),
        ]);
    }
}
