<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;

/** What was done or tried in a job that could have hurt someone or the module. */
final readonly class UnsafeActs
{
    /** Refused with a caution, and remembered. */
    public const REFUSED = ['unsecured', 'engine-running', 'not-raised', 'lead-glows', 'leads-connected'];

    /** Done. */
    public const DONE = ['module-plug-live'];

    /** @param  list<array{int, string}>  $all  step and what it was, in order */
    private function __construct(public array $all)
    {
    }

    public static function in(Job $job): self
    {
        $acts = [];
        foreach ($job->steps as $step) {
            $what = self::what($step);
            if ($what !== '') {
                $acts[] = [$step->number, $what];
            }
        }

        return new self($acts);
    }

    /** The step of the first that was done, or tried once more after its caution; null where there is none. */
    public function capping(): ?int
    {
        $cautioned = [];
        foreach ($this->all as [$step, $what]) {
            if (in_array($what, self::DONE, true) || isset($cautioned[$what])) {
                return $step;
            }
            $cautioned[$what] = true;
        }

        return null;
    }

    private static function what(Step $step): string
    {
        return in_array($step->observation->refusal, self::REFUSED, true)
            ? $step->observation->refusal
            : array_values(array_intersect($step->observation->notes, self::DONE))[0] ?? '';
    }
}
