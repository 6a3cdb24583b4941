<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Job\Job;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\RepairReview;
use Lernfall\Marking\Verdict;

/** Every repair was worth doing by what stood on the card then, being wrong included. */
final readonly class SoundReasoning implements Criterion
{
    /** @param  list<RepairReview>  $reviews */
    public function __construct(private array $reviews)
    {
    }

    public function id(): string
    {
        return 'reasoning';
    }

    public function judge(Job $job): Verdict
    {
        if ($this->reviews === []) {
            return new Verdict(0.0, null, 'mark.reasoning.nothing-decided', [], 'mark.reasoning.remedy');
        }
        $worst = $this->worst();
        $reason = match (true) {
            $worst->lacksReading => 'unread',
            $worst->repair === null => "none.{$worst->verdict()}",
            default => $worst->verdict(),
        };

        return new Verdict(array_sum(array_map(static fn (RepairReview $one): float => $one->support(), $this->reviews)) / count($this->reviews), $worst->step, "mark.reasoning.$reason", [
            'chance' => (int) round(100.0 * $worst->prospects->byCard),
            'shown' => (int) round(100.0 * $worst->prospects->byShown),
            'open' => count($worst->prospects->rivals),
        ], $worst->support() >= 1.0 ? '' : 'mark.reasoning.remedy');
    }

    private function worst(): RepairReview
    {
        $order = ['harmful', 'wrong', 'lucky', 'unwritten', 'close', 'reasonable', 'justified'];
        $reviews = $this->reviews;
        usort($reviews, static fn (RepairReview $one, RepairReview $other): int => array_search($one->verdict(), $order, true) <=> array_search($other->verdict(), $order, true));

        return $reviews[0];
    }
}
