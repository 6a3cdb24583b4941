<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;

/** What was done or tried in a job that could have hurt someone or the module. */
final readonly class UnsafeActs
{
    /** Refused with a caution, and remembered. */
    public const REFUSED = [Refusal::Unsecured, Refusal::EngineRunning, Refusal::NotRaised, Refusal::LeadGlows, Refusal::LeadsConnected, Refusal::WheelsUnderPower, Refusal::SteeringTurned, Refusal::PedalDoubtful];

    /** Done. */
    public const DONE = [Note::ModulePlugLive, Note::DrivenWithRedLamp, Note::DrivenOnDoubtfulPedal];

    /** @param  list<array{int, Refusal|Note}>  $all  step and what it was, in order */
    private function __construct(public array $all)
    {
    }

    /** @param  ?Note  $departure  what was unsafe about letting the car go */
    public static function in(Job $job, ?Note $departure = null): self
    {
        $acts = [];
        $cautioned = [];
        foreach ($job->steps as $step) {
            $what = self::what($step);
            $asked = $step->action instanceof CarAction ? $step->action->question() : '';
            if ($what !== null && ! self::isSameLapse($cautioned, $what, $step, $asked)) {
                $acts[] = [$step->number, $what];
            }
            if ($what !== null) {
                $cautioned[] = [$what, $step, $asked];
            }
        }

        return new self($departure === null ? $acts : [...$acts, [count($job->steps), $departure]]);
    }

    /**
     * Whether it is one lapse with an earlier one: the car has not been secured any further since, and it is not the very same act tried again.
     *
     * @param  list<array{Refusal|Note, Step, string}>  $cautioned
     */
    private static function isSameLapse(array $cautioned, Refusal|Note $what, Step $step, string $asked): bool
    {
        $alike = array_filter($cautioned, static fn (array $one): bool => $one[0] === $what && $what instanceof Refusal && $one[1]->before->state->lift == $step->before->state->lift);

        return $alike !== [] && array_filter($alike, static fn (array $one): bool => $one[2] === $asked) === [];
    }

    /** The step of the first that was done, or tried once more after its caution; null where there is none. */
    public function capping(): ?int
    {
        $cautioned = [];
        foreach ($this->all as [$step, $what]) {
            if ($what instanceof Note || isset($cautioned[$what->value])) {
                return $step;
            }
            $cautioned[$what->value] = true;
        }

        return null;
    }

    /** @return list<string> the names of all there can be */
    public static function names(): array
    {
        return [...array_map(static fn (Note $one): string => $one->value, self::DONE), ...array_map(static fn (Refusal $one): string => $one->value, self::REFUSED)];
    }

    private static function what(Step $step): Refusal|Note|null
    {
        if (in_array($step->observation->refusal, self::REFUSED, true)) {
            return $step->observation->refusal;
        }

        return array_values(array_filter($step->observation->notes, static fn (Note $note): bool => in_array($note, self::DONE, true)))[0] ?? null;
    }
}
