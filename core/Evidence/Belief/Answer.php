<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Prediction;

/** What a question was expected to show on a hypothesis' car when it was asked, and what was shown. */
final readonly class Answer
{
    public function __construct(public Prediction $predicted, public Observation $shown)
    {
    }

    /** Whether this prediction expects nothing new. */
    public function expects(Prediction $prediction): bool
    {
        if ($prediction->kind !== $this->predicted->kind || $prediction->refusal !== $this->predicted->refusal || array_keys($prediction->features) != array_keys($this->predicted->features)) {
            return false;
        }
        foreach ($prediction->features as $name => $feature) {
            if (! Distinguishability::areAlike($this->predicted->features[$name], $feature)) {
                return false;
            }
        }

        return true;
    }

    /** Whether asking again expects the very same of this feature, so that nothing has changed in between. */
    public function repeats(string $name, Feature $feature): bool
    {
        return isset($this->predicted->features[$name], $this->shown->values[$name]) && Distinguishability::areAlike($this->predicted->features[$name], $feature);
    }
}
