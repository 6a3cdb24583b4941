<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

/** What somebody has made of a look, in as many words as there are things to be said: one for how it is, and harmless marks beside it, or these alone. */
final readonly class SeenWords
{
    /**
     * The word for how the place is. Whoever names harmless marks alone has found nothing else.
     *
     * @param  string  $shown  the word for what was to be seen there
     * @return ?string null where words are written that cannot both be true
     */
    public static function condition(WriteReading $written, string $shown): ?string
    {
        $words = array_values(array_unique(array_diff([$written->word, ...$written->further], Vocabulary::HARMLESS)));

        return match (count($words)) {
            0 => self::sound($shown),
            1 => $words[0],
            default => null,
        };
    }

    /** The word for a sound one, of the place that has this word. */
    private static function sound(string $shown): string
    {
        if (in_array($shown, Vocabulary::UNSEEN, true)) {
            return $shown;
        }
        foreach (Vocabulary::SIGHTS as $sights) {
            if (in_array($shown, $sights, true)) {
                return $sights[0];
            }
        }

        return '';
    }
}
