<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Evidence\Advice\RepairPosterior;
use Lernfall\Evidence\Advice\Separated;
use Lernfall\Evidence\Advice\Separation;
use Lernfall\Evidence\Belief\BeliefHistory;
use Lernfall\Evidence\Solving\ReadingFirst;

/** What the repairs of a job rest on: the written readings that separate, and how much each reading moved. */
final class Rests
{
    /** @var array<string, Separated> by what is asked and the step of the repair */
    private array $known = [];

    public function __construct(private readonly Job $job, private readonly BeliefHistory $history, private readonly Card $card, private readonly Separation $separation, private readonly ReadingFirst $readingFirst)
    {
    }

    /** By what stood on the card and carries. */
    public function of(Decision $decision): Separated
    {
        return $this->known["carried {$decision->key()}"] ??= $this->carried($decision);
    }

    /** Where the codes name the part and no test would tell more, no reading can be asked for. */
    private function carried(Decision $decision): Separated
    {
        $readings = $this->card->before($decision->step);
        $separated = $this->separated($decision, 'card', static fn (): array => $readings);
        if ($separated->steps !== [] || ! $this->separation->isEnough($separated)) {
            return $separated;
        }
        $set = $this->history->before($decision->step);
        $car = $this->job->step($decision->step)->before ?? $this->job->car;

        return $this->readingFirst->isPossible($car, RepairPosterior::of($set, $set->written($readings), $this->separation->remedies), $decision->repair) ? $separated : $separated->byCodes();
    }

    /**
     * How much each written reading has moved, had all of them been judged as they should: the greatest change of the chance of what a repair leaves.
     *
     * @return array<int, float> by the step that showed it
     */
    public function moves(Decision ...$decisions): array
    {
        $moves = [];
        foreach ($decisions as $decision) {
            foreach ($this->separated($decision, 'shown', fn (): array => $this->card->asShown($decision->step))->moves as $step => $move) {
                $moves[$step] = max($moves[$step] ?? 0.0, $move);
            }
        }

        return $moves;
    }

    /** The entry by which a reading that separates, as it was shown or as it was written, was written down with its point in the wrong place; null where there is none. */
    public function misread(Decision $decision): ?int
    {
        $shown = $this->separated($decision, 'shown', fn (): array => $this->card->asShown($decision->step));
        $separating = [...($this->of($decision)->share > 0.0 ? $this->of($decision)->steps : []), ...($shown->share > 0.0 ? $shown->steps : [])];
        foreach ($this->job->entries(WriteReading::class, $decision->step) as $written) {
            if ($written->action instanceof WriteReading && in_array($written->action->of, $separating, true) && Entry::of($this->job, $written)->isSlip()) {
                return $written->number;
            }
        }

        return null;
    }

    /** @param  callable(): array<int, \Lernfall\Bay\Contract\Observation>  $readings */
    private function separated(Decision $decision, string $what, callable $readings): Separated
    {
        return $this->known["$what {$decision->key()}"] ??= $this->separation->of($decision->repair, $this->history->before($decision->step), $readings(), $this->card->steps());
    }
}
