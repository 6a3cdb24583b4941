<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scope;

use Lernfall\Bay\Probing\Trace;

/** Looks for the first time a trace crosses a level one way; stretches that do not reach the level are passed over as a whole. */
final readonly class EdgeSearch
{
    /**
     * @param  float  $look  the trace does nothing shorter than a few of these, in seconds
     * @param  int  $halvings  with which a crossing between two looks is found
     */
    public function __construct(private Trace $trace, private float $level, private bool $rising, private float $look, private int $halvings)
    {
    }

    /** Null where it never does between these times. */
    public function first(float $from, float $to): ?float
    {
        [$least, $greatest] = $this->trace->extremes($from, $to);
        // all of it on one side: an edge needs both
        if ($this->rising ? $greatest < $this->level || $least >= $this->level : $least > $this->level || $greatest <= $this->level) {
            return null;
        }
        if ($to - $from > $this->look) {
            $middle = ($from + $to) / 2.0;

            return $this->first($from, $middle) ?? $this->first($middle, $to);
        }

        return ! $this->isBeyond($from) && $this->isBeyond($to) ? $this->crossing($from, $to) : null;
    }

    private function isBeyond(float $seconds): bool
    {
        $volts = $this->trace->at($seconds);

        return $this->rising ? $volts >= $this->level : $volts <= $this->level;
    }

    private function crossing(float $before, float $after): float
    {
        for ($halving = 0; $halving < $this->halvings; $halving++) {
            $middle = ($before + $after) / 2.0;
            [$before, $after] = $this->isBeyond($middle) ? [$before, $middle] : [$middle, $after];
        }

        return $after;
    }
}
