<?php

declare(strict_types=1);

namespace Lernfall\Evidence;

use Lernfall\Bay\Feature;
use Lernfall\Bay\Observation;
use Lernfall\Bay\Prediction;

/** What a question was expected to show on a suspect's car when it was asked, and what was shown. */
final readonly class Answer
{
    public function __construct(public Prediction $predicted, public Observation $shown)
    {
    }

    /** Whether asking again expects the very same of this feature, so that nothing has changed in between. */
    public function repeats(string $name, Feature $feature): bool
    {
        return isset($this->predicted->features[$name], $this->shown->values[$name]) && $this->predicted->features[$name] == $feature;
    }
}
