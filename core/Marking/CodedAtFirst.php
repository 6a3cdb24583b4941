<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodedCorners;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Worksheet\MarkStation;
use Lernfall\Bay\Worksheet\NameCause;
use Lernfall\Bay\Worksheet\WriteReading;

/** The corners that had a code when the car came in: each has to be accounted for, be it by a reading, a cause, or a mark on the strip. */
final readonly class CodedAtFirst
{
    public function __construct(private Job $job)
    {
    }

    /** @return list<string> corners of the first codes that nobody looked into before the job was closed */
    public function unaccounted(): array
    {
        $corners = $this->corners();

        return count($corners) < 2 ? [] : array_values(array_filter($corners, fn (string $corner): bool => ! $this->isAccounted($corner)));
    }

    /** @return list<string> */
    private function corners(): array
    {
        foreach ($this->job->steps as $step) {
            $codes = CodesShown::at($step);
            if ($codes !== null) {
                return CodedCorners::named(array_keys($codes), $this->job->case->sound);
            }
        }

        return [];
    }

    private function isAccounted(string $corner): bool
    {
        $about = static fn (Step $step): bool => match (true) {
            $step->action instanceof MarkStation => $step->action->channel === $corner,
            $step->action instanceof Repair => $step->wasDone() && $step->action->channel === $corner,
            default => false,
        };
        $causes = array_filter($this->job->entries(NameCause::class), static fn (Step $step): bool => $step->action instanceof NameCause && $step->action->channel === $corner);
        $readings = array_filter($this->job->entries(WriteReading::class), fn (Step $step): bool => $this->isRead($step, $corner));

        return $causes !== [] || $readings !== [] || array_filter($this->job->steps, $about) !== [];
    }

    private function isRead(Step $written, string $corner): bool
    {
        if (! $written->action instanceof WriteReading) {
            return false;
        }
        $asked = $this->job->step($written->action->of)?->action;

        return str_starts_with($written->action->feature, "$corner.") || $asked instanceof CarAction && preg_match('~\b'.preg_quote($corner, '~').'\b~', $asked->question()) === 1;
    }
}
