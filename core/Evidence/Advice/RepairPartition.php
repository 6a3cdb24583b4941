<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Contract\Observation;
use Lernfall\Evidence\Belief\Distinguishability;
use Lernfall\Evidence\Belief\HypothesisBranch;

/** The faults that a place can have, parted by a repair: those it would mend, and those it would leave. */
final readonly class RepairPartition
{
    /**
     * @param  list<HypothesisBranch>  $mended  likeliest first
     * @param  list<HypothesisBranch>  $left  likeliest first
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
            if ($likely === null || ! Distinguishability::fits($likely, $shown, $feature)) {
                continue;
            }
            foreach ($this->left as $other) {
                $rival = $other->predictions[$step]->features[$feature] ?? null;
                if ($rival !== null && Distinguishability::predictions($likely, $rival) && ! Distinguishability::fits($rival, $shown, $feature)) {
                    return true;
                }
            }
        }

        return false;
    }
}
