<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scope;

use Lernfall\Bay\Contract\Observing;

/** One sweep of the scope. */
final readonly class Capture implements Observing
{
    /**
     * @param  list<ScopeInput>  $inputs  one or two
     * @param  int  $triggerInput  which of them starts the sweep
     */
    public function __construct(
        public array $inputs,
        public float $secondsPerDivision,
        public int $triggerInput,
        public float $triggerVolts,
        public bool $triggersRising,
    ) {
    }

    public function name(): string
    {
        return 'capture';
    }

    public function rate(): string
    {
        return 'capture';
    }

    public function question(): string
    {
        $inputs = array_map(static fn (ScopeInput $one): string => "$one->first $one->second $one->voltsPerDivision ".($one->blocksDc ? 'ac' : 'dc'), $this->inputs);

        return 'capture '.implode(' | ', $inputs)." $this->secondsPerDivision";
    }

    /** Whether another sweep looks at the same pads, so that nothing has to be connected anew. */
    public function looksWhere(self $other): bool
    {
        $pads = static fn (self $one): array => array_map(static fn (ScopeInput $input): array => [$input->first, $input->second], $one->inputs);

        return $pads($this) === $pads($other);
    }
}
