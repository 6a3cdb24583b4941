<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Marking\RepairReview;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Gamer;
use Tests\Support\Played;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** Points are not to be had without finding something out: nobody comes to 45 of 100 by copying and renewing. */
final class GamersTest extends TestCase
{
    private const JOBS_PER_CASE = 50;

    private const IN_THE_USUAL_RUN = 1;

    private const CASES_IN_THE_USUAL_RUN = 4;

    private const LIMIT = 45.0;

    private const CASES = [
        ['harl-13', 'coil-open', 'FR', '', 'workshop'], ['harl-13', 'loom-open', 'FL', '2', 'first-year'], ['harl-13', 'tooth-missing', 'RR', '', 'first-year'],
        ['lendo-15', 'sensor-dead', 'FL', '', 'workshop'], ['lendo-15', 'loom-grounded', 'FR', '1', 'examination'],
        ['brack-22', 'plug-pin-back', 'RL', '1', 'first-year'], ['brack-22', 'loom-open', 'FL', '2', 'workshop'],
        ['mirl-10', 'gap-large', 'FR', '', 'first-year'], ['ostrel-t2', 'plug-corroded', 'RR', '1', 'workshop'], ['ostrel-t2', 'coil-open', 'RR', '', 'examination'],
    ];

    /** @return iterable<string, array{string, string, string, string, string}> */
    public static function cases(): iterable
    {
        foreach (Sweep::of(self::CASES, self::CASES_IN_THE_USUAL_RUN) as $case) {
            yield implode(' ', $case) => $case;
        }
    }

    #[DataProvider('cases')]
    public function test_who_finds_nothing_out_stays_below_half(string $car, string $kind, string $channel, string $conductor, string $policy): void
    {
        $case = Workbench::case([[$kind, $channel, $conductor]], Workbench::vehicle($car));
        [$most, $best] = [0.0, ''];
        foreach (Sweep::of(range(1, self::JOBS_PER_CASE), self::IN_THE_USUAL_RUN) as $job) {
            $played = Gamer::on($case, "$car $kind $job");
            [$points, $isGuessed] = $this->points($played, $case, $policy);
            if ($isGuessed && $points >= $most) {
                [$most, $best] = [$points, $this->script($played)];
            }
        }

        if (Sweep::isThorough()) {
            fwrite(STDERR, sprintf("%s: the best of %d guesses earns %.1f by\n%s\n", "$car $kind $policy", self::JOBS_PER_CASE, $most, $best));
        }
        self::assertLessThan(self::LIMIT, $most, $best);
    }

    /** @return array{float, bool} points, and whether nothing was found out for any of its repairs */
    private function points(Played $played, FaultCase $case, string $policy): array
    {
        $sheet = $played->marks(Workbench::policy($policy), new CaseKnowledge(lampTold: true));

        return [$sheet->points(), array_filter($sheet->reviews, static fn (RepairReview $one): bool => $one->isWorked()) === []];
    }

    private function script(Played $played): string
    {
        return implode("\n", array_map(static fn (Step $step): string => "$step->number ".($step->action instanceof CarAction ? $step->action->question() : $step->action->name()), $played->job->steps));
    }
}
