<?php

declare(strict_types=1);

namespace Tests\Core\Bay\Time;

use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\TraceFeature;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Probing\Probed;
use Lernfall\Bay\Probing\Trace;
use Lernfall\Bay\Scope\Capture;
use Lernfall\Bay\Scope\EdgeSearch;
use Lernfall\Bay\Scope\Scope;
use Lernfall\Chance\Draw;
use Lernfall\Format\ActionReader;
use Lernfall\Signal\Shape;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pads;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** Settings of the scope drawn at random, on waves of every technology: what is there to be seen is seen. */
final class ScopeSettingsTest extends TestCase
{
    private const SETTINGS = 500;

    private const SAMPLE = 120;

    private const WAVES = [
        ['harl-13', 'FL', []], ['harl-13', 'FR', [['tooth-missing', 'FR', '', 2.0]]], ['harl-13', 'RL', [['ring-bent', 'RL', '', 0.0004]]], ['harl-13', 'RR', [['ring-cracked', 'RR', '', 0.9]]],
        ['lendo-15', 'FL', []], ['lendo-15', 'FR', [['tooth-missing', 'FR', '', 3.0]]], ['lendo-15', 'RL', []], ['lendo-15', 'RR', [['encoder-damaged', 'RR', '', 4.0]]],
        ['brack-22', 'FL', []], ['brack-22', 'RR', [['tooth-missing', 'RR', '', 1.0]]], ['ostrel-t2', 'RL', [['ring-dirty', 'RL', '', 0.85]]],
    ];

    public function test_no_edge_no_pulse_and_no_clipping_is_missed(): void
    {
        $scope = Workbench::simulator()->workshop->equipment(Scope::class);
        foreach (Sweep::of(range(1, self::SETTINGS), self::SAMPLE) as $number) {
            $draw = new Draw("setting $number");
            [$car, $corner, $faults] = self::WAVES[(int) floor($draw->uniform('wave') * count(self::WAVES))];
            $division = 10.0 ** (-5.0 + 5.0 * $draw->uniform('time'));
            $perDivision = [0.01, 0.05, 0.2, 0.5, 2.0, 5.0][(int) floor($draw->uniform('volts') * 6.0)];
            $level = 1.1 * $draw->uniform('level') - 0.05; // of what the wave reaches, and a little beyond
            $rising = $draw->uniform('edge') < 0.5;
            $turns = 10.0 ** (-2.0 + 2.4 * $draw->uniform('turns'));
            [$trace, $shown] = $this->swept($car, $corner, $faults, $turns, $division, $perDivision, $level, $rising, $draw->uniform('coupling') < 0.5);
            $what = "$number: $car $corner $turns/s, $division s, $perDivision V, at $level of it";

            $ideal = $this->looked($trace, 10.0 * $division, $turns);
            self::assertSame($this->crosses($ideal, $shown->level + $shown->offset, $rising, max($ideal) - min($ideal)) ?? $shown->trigger, $shown->trigger, "$what: trigger");
            $edge = $scope->greatestStep() * $perDivision / $scope->stepsPerDivision;
            $least = min($shown->trace->peaks === null ? $shown->trace->volts : $shown->trace->peaks[0]);
            $greatest = max($shown->trace->peaks === null ? $shown->trace->volts : $shown->trace->peaks[1]);
            self::assertSame(match (true) {
                $greatest > $edge && $least < -$edge => 'both',
                $greatest > $edge => 'top',
                $least < -$edge => 'bottom',
                default => 'no',
            }, $shown->clips, "$what: clipping");
            $this->assertNothingVanishes($trace, $shown, $division, $what);
        }
    }

    public function test_an_edge_at_the_end_of_the_period_is_found(): void
    {
        $trace = Trace::standing(0.0)->swinging(1.0, Shape::even(10.0, false));
        // levels rise at 0, 0.1, 0.2 s; from just after 0 the next rise is the end of the period
        $found = (new EdgeSearch($trace, 0.5, true, 0.001, 40))->first(0.0, 0.1 + 0.001);

        self::assertEqualsWithDelta(0.1, $found, 1e-9);
    }

    /**
     * @param  list<array{string, string, 2?: string, 3?: float}>  $faults
     * @return array{Trace, object{trace: TraceFeature, trigger: string, clips: string, offset: float, level: float}}
     */
    private function swept(string $car, string $corner, array $faults, float $turns, float $division, float $perDivision, float $level, bool $rising, bool $blocks): array
    {
        $vehicle = Workbench::vehicle($car);
        $job = Job::ideally(Workbench::case($faults === [] ? [['tyre-other-size', $corner]] : $faults, $vehicle), 'a');
        foreach ([['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'turn-wheel', 'channel' => $corner, 'turnsPerSecond' => min(3.0, $turns)]] as $action) {
            $job = $job->do(ActionReader::read($action), Workbench::simulator()->ideal());
        }
        [$first, $second] = $this->pads($vehicle->channel($corner));
        $pads = [Pads::find($vehicle, $first), Pads::find($vehicle, $second)];
        $trace = (new Probed($job->car, $pads[0], $pads[1], []))->trace(Workbench::simulator()->workshop->equipment(Scope::class)->inputOhms);
        [$least, $greatest] = $trace->extremes(0.0, 2.0 * min(1000.0, $trace->periodSeconds()));
        $offset = $blocks ? $trace->meanVolts() : 0.0;
        $volts = $least + $level * ($greatest - $least) - $offset;
        $capture = ActionReader::read([
            'do' => 'capture', 'inputs' => [['first' => $first, 'second' => $second, 'voltsPerDivision' => $perDivision, 'coupling' => $blocks ? 'ac' : 'dc']],
            'secondsPerDivision' => $division, 'trigger' => ['input' => 0, 'volts' => $volts, 'edge' => $rising ? 'rising' : 'falling'],
        ]);
        self::assertInstanceOf(Capture::class, $capture);
        $prediction = Workbench::simulator()->predict($job->car, $capture)[0]->prediction;
        $feature = $prediction->features['a.trace'];
        self::assertInstanceOf(TraceFeature::class, $feature);

        return [$trace, (object) [
            'trace' => $feature, 'trigger' => $this->word($prediction->features['trigger']), 'clips' => $this->word($prediction->features['a.clips']),
            'offset' => $offset, 'level' => $volts,
        ]];
    }

    private function word(object $feature): string
    {
        self::assertInstanceOf(CategoryFeature::class, $feature);

        return (string) $feature->likeliest();
    }

    /** @return array{string, string} */
    private function pads(Channel $channel): array
    {
        $plug = $channel->plugs()[count($channel->plugs()) - 1]->name();
        $signal = $channel->moduleEnd->input->signalConductor();
        $pin = static fn (int $wire): string => "$channel->id.$plug.wheel.{$channel->conductors[$wire]->id}";

        return $signal === null ? [$pin(0), $pin(1)] : [$pin($signal), 'body'];
    }

    /** @return list<float> finely looked at, over a turn or the record, whichever is longer */
    private function looked(Trace $trace, float $record, float $turns): array
    {
        $until = max($record, 1.0 / min(3.0, $turns)) * 1.02;
        $looks = min(400000, (int) ceil($until / ($trace->shortestSeconds() / 4.0)));

        return array_map(static fn (int $look): float => $trace->at($until * $look / $looks), range(0, $looks));
    }

    /**
     * @param  list<float>  $volts
     * @return ?string null where it passes so near that nobody can tell
     */
    private function crosses(array $volts, float $level, bool $rising, float $swing): ?string
    {
        $margin = $swing * 2e-3;
        [$surely, $maybe] = [false, false];
        foreach (array_slice($volts, 1) as $at => $now) {
            [$before, $after] = $rising ? [$volts[$at], $now] : [-$volts[$at], -$now];
            $at = $rising ? $level : -$level;
            $surely = $surely || $before < $at - $margin && $after > $at + $margin;
            $maybe = $maybe || $before < $at + $margin && $after > $at - $margin;
        }

        return match (true) {
            $surely => 'found',
            $maybe => null,
            default => 'none',
        };
    }

    /** Whatever the wave reaches at any time within the record lies between the least and the greatest of its sample. */
    private function assertNothingVanishes(Trace $trace, object $shown, float $division, string $what): void
    {
        $feature = $shown->trace;
        if ($feature->peaks === null) {
            return;
        }
        self::assertLessThanOrEqual(max($feature->peaks[1]) + 1e-9, max($feature->volts), $what);
        self::assertGreaterThanOrEqual(min($feature->peaks[0]) - 1e-9, min($feature->volts), $what);
        [$least, $greatest] = [INF, -INF];
        $looks = min(300000, (int) ceil(10.0 * $division / ($trace->shortestSeconds() / 3.0)));
        for ($look = 0; $look <= $looks; $look++) {
            $volts = $trace->at(10.0 * $division * $look / $looks) - $shown->offset;
            [$least, $greatest] = [min($least, $volts), max($greatest, $volts)];
        }
        // the record starts at its trigger, so only what comes again within it can be compared
        if (10.0 * $division > 1.02 * $trace->periodSeconds()) {
            self::assertEqualsWithDelta($least, min($feature->peaks[0]), max(1e-6, 0.02 * ($greatest - $least)), "$what: least");
            self::assertEqualsWithDelta($greatest, max($feature->peaks[1]), max(1e-6, 0.02 * ($greatest - $least)), "$what: greatest");
        }
    }
}
