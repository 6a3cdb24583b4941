<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Marking\School\Schools;

/** What counts how much, and by which school. */
final readonly class Policy
{
    /**
     * @param  array<string, int>  $weights  points by criterion
     * @param  float  $diagnosisMinutes  the time a sensible diagnosis may take, repair left aside
     * @param  float  $needlessRepair  what a repair that changes nothing costs besides its price, in money: trust, and a second visit
     * @param  bool  $demandsReading  a repair needs a written reading that separates, however cheap it is
     * @param  array<string, float>  $counselPoints  what asking the advice costs in practice, by what is asked
     * @param  float  $margin  by how much more than testing on a repair may be expected to cost, as a share
     * @param  ?float  $safetyCap  the share of all points that an unsafe act leaves at most; null for no cap
     */
    public function __construct(
        public array $weights,
        public float $diagnosisMinutes,
        public float $needlessRepair,
        public float $margin,
        public bool $demandsReading = false,
        public array $counselPoints = ['possible' => 2.0, 'next' => 3.0],
        public Schools $schools = new Schools,
        public ?float $safetyCap = null,
    ) {
    }

    /** Policies made before reasoning was judged give it no weight. */
    public function judgesReasoning(): bool
    {
        return ($this->weights['reasoning'] ?? 0) > 0;
    }
}
