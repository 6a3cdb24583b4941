<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Format\MarkSheetFormat;
use Lernfall\Marking\Judged;
use Lernfall\Marking\Marker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** A job judged on the way, kept and taken up again comes to the same marks as one gone through at its end. */
final class JudgedTest extends TestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function examples(): iterable
    {
        yield 'repaired' => ['loom-open', 22];
        yield 'kept before the repair' => ['loom-open', 15];
        yield 'nothing to be repaired' => ['old-code', 7];
    }

    #[DataProvider('examples')]
    public function test_closing_only_sums_up(string $example, int $keptAfter): void
    {
        $fault = Workbench::json("examples/$example.case.json")['faults'][0];
        $case = Workbench::case([[$fault['kind'], $fault['channel'], $fault['conductor'] ?? '']], Workbench::vehicle(Workbench::json("examples/$example.case.json")['car']));
        $knowledge = new CaseKnowledge(lampTold: true);
        $marker = new Marker(Workbench::evidence());
        $job = Played::on($case, 'a')->do(...Workbench::json("examples/$example.script.json")['actions'])->job;

        $judged = $marker->begin($case, $knowledge);
        foreach ($job->steps as $step) {
            $judged = $marker->follow($judged, $this->upTo($case, $job, $step->number), Workbench::policy(), $knowledge);
            $judged = $step->number === $keptAfter ? $this->takenUp($judged, $marker->begin($case, $knowledge), $job) : $judged;
        }
        $whole = $marker->mark($job, Workbench::policy(), $knowledge);

        self::assertSame($job->steps === [] ? 0 : count($job->steps), $judged->history->steps());
        self::assertSame(json_encode(MarkSheetFormat::write($whole)), json_encode(MarkSheetFormat::write($marker->mark($job, Workbench::policy(), $knowledge, $judged))));
        self::assertCount(count(array_filter($whole->reviews, static fn ($one): bool => $one->repair !== null)), $judged->reviews, 'repairs are judged when they are made');
    }

    private function takenUp(Judged $judged, Judged $beginning, Job $job): Judged
    {
        $kept = unserialize(serialize($judged->kept()));
        self::assertIsArray($kept);

        return Judged::restored($kept, $beginning->history->beginning(), $job);
    }

    private function upTo(FaultCase $case, Job $job, int $step): Job
    {
        $played = Job::begin($case, 'a');
        foreach (array_slice($job->steps, 0, $step) as $one) {
            $played = $played->recall($one->action, $one->observation, Workbench::simulator());
        }

        return $played;
    }
}
