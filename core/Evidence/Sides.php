<?php

declare(strict_types=1);

namespace Lernfall\Evidence;

use Lernfall\Bay\Contract\Observation;

/** The faults that a place can have, parted by a repair: those it would mend, and those it would leave. */
final readonly class Sides
{
    /**
     * @param  list<Way>  $mended  likeliest first
     * @param  list<Way>  $left  likeliest first
     * @param  list<float>  $shares  of each that would be left, in what is believed of them all
     */
    public function __construct(public array $mended, public array $left, public array $shares)
    {
    }

    /** Whether what a step showed fits one that would be mended, and not one that would be left and has another reading there. */
    public function areParted(int $step, string $feature, Observation $shown): bool
    {
        foreach ($this->mended as $one) {
            $likely = $one->predictions[$step]->features[$feature] ?? null;
            if ($likely === null || ! Apart::fits($likely, $shown, $feature)) {
                continue;
            }
            foreach ($this->left as $other) {
                $rival = $other->predictions[$step]->features[$feature] ?? null;
                if ($rival !== null && Apart::predictions($likely, $rival) && ! Apart::fits($rival, $shown, $feature)) {
                    return true;
                }
            }
        }

        return false;
    }
}
