<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Fault\Fault;

/** What an instructor tells about the likely and the possible of a case, beyond the catalogue. */
final readonly class CaseKnowledge
{
    /**
     * @param  array<string, float>  $priorFactors  by kind of fault, or "nothing"
     * @param  list<list<Fault>>  $pairs  faults that can be there together
     * @param  ?bool  $lampTold  whether the complaint tells of a warning lamp; null where it tells nothing about lamps
     */
    public function __construct(public array $priorFactors = [], public array $pairs = [], public ?bool $lampTold = null)
    {
    }
}
