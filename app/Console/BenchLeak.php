<?php

declare(strict_types=1);

namespace App\Console;

use App\Attempts\Publication;
use App\Attempts\Release;
use App\Attempts\ReleaseKind;
use App\Attempts\Terms;
use App\Attempts\Variants;
use App\Documents\JsonFile;
use App\Models\CaseDraft;
use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Str;
use InvalidArgumentException;
use Lernfall\Chance\SignedRank;
use Lernfall\Chance\StepDown;
use Lernfall\Evidence\Variation\Variation;

/**
 * Looks for the fault in the time that answers take: the same actions on cars with one fault each. Each round is of new jobs, and
 * in it every action is done on one car after the other, in an order drawn by lot. These few times lie close together, so what the
 * machine does meanwhile is common to them: they are compared with their own middle, two of them make a pair.
 * Randomised blocks: Fisher, The Design of Experiments, 1935, chapter 4 (cited from memory).
 */
final class BenchLeak extends Command
{
    protected $signature = 'bench:leak {address : of a server with the demo data, on the database this command writes to} {--rounds=20} {--vehicle=harl-13} {--only= : words with commas between them; what has none of them in its name is left out}';

    protected $description = 'Try to tell faults apart by the time answers take';

    private const CASE = 'database/seeders/demo/bakery.case.json';

    private const FAULTS = [
        'harl-13' => [
            ['kind' => 'coil-open', 'channel' => 'FR'],
            ['kind' => 'loom-grounded', 'channel' => 'FR', 'conductor' => '1', 'strength' => 0.5],
            ['kind' => 'plug-corroded', 'channel' => 'RL', 'conductor' => '1', 'strength' => 26000],
            ['kind' => 'gap-large', 'channel' => 'FL', 'strength' => 0.0016],
            ['kind' => 'tooth-missing', 'channel' => 'RR', 'strength' => 1],
            ['kind' => 'outlet-stuck-shut', 'channel' => 'FL'],
            ['kind' => 'inlet-leaking', 'channel' => 'FR', 'strength' => 0.3],
            ['kind' => 'plug-pin-back', 'channel' => 'RR', 'conductor' => '1', 'provokedBy' => 'wiggle-sensor-plug'],
        ],
        'lendo-15' => [
            ['kind' => 'loom-open', 'channel' => 'FR', 'conductor' => '1'],
            ['kind' => 'loom-grounded', 'channel' => 'FR', 'conductor' => '1', 'strength' => 0.5],
            ['kind' => 'plug-corroded', 'channel' => 'RL', 'conductor' => '1', 'strength' => 26000],
            ['kind' => 'gap-large', 'channel' => 'FL', 'strength' => 0.0016],
            ['kind' => 'tooth-missing', 'channel' => 'FR', 'strength' => 1],
            ['kind' => 'outlet-stuck-shut', 'channel' => 'FL'],
            ['kind' => 'inlet-leaking', 'channel' => 'FR', 'strength' => 0.3],
            ['kind' => 'valve-relay-burnt', 'channel' => 'car'],
        ],
    ];

    /** Chance that any two are told apart wrongly. */
    private const LEVEL = 0.01;

    /** As near as medians are to be. */
    private const MOST_MILLISECONDS = 3.0;

    /** How often the faults of each round change places by lot, to find out how far apart they lie by chance. */
    private const SHUFFLES = 10000;

    /** @var array<string, array<string, list<float>>> milliseconds by what was timed and by fault, a round after the other */
    private array $times = [];

    public function __construct(private readonly Variants $variants)
    {
        parent::__construct();
    }

    public function handle(Publication $publication): int
    {
        $visitor = new BenchVisitor($this->argument('address'));
        $visitor->ask('POST', '/api/session', ['name' => 'dilan', 'password' => 'lindenhof']);
        for ($round = 0; $round < (int) $this->option('rounds'); $round++) {
            $this->round($visitor, $publication);
        }

        return $this->told() === [] ? self::SUCCESS : self::FAILURE;
    }

    /** @return non-empty-list<array<string, mixed>> */
    private function faults(): array
    {
        return self::FAULTS[$this->option('vehicle')] ?? throw new InvalidArgumentException('There are faults for '.implode(' and ', array_keys(self::FAULTS)).'.');
    }

    private function round(BenchVisitor $visitor, Publication $publication): void
    {
        $attempts = $this->begun($visitor, array_map(fn (array $fault): int => $this->given($publication, $fault), array_column($this->faults(), null, 'kind')));
        foreach (TimedActions::named(array_values(array_filter(explode(',', (string) $this->option('only'))))) as $index => [$what, $action]) {
            $kinds = array_keys($attempts);
            shuffle($kinds);
            foreach ($kinds as $kind) {
                [$accepted, $answered] = $this->act($visitor, $attempts[$kind], $index + 1, $action);
                if ($what !== '') {
                    $this->times["$what, answered"][$kind][] = $answered;
                    if ($accepted !== null) {
                        $this->times["$what, accepted"][$kind][] = $accepted;
                    }
                }
            }
        }
    }

    /**
     * @param  array<string, int>  $jobs  by fault
     * @return array<string, int> attempts
     */
    private function begun(BenchVisitor $visitor, array $jobs): array
    {
        $attempts = $jobs;
        $kinds = array_keys($jobs);
        shuffle($kinds);
        foreach ($kinds as $kind) {
            $started = $visitor->ask('POST', "/api/jobs/$jobs[$kind]/attempt");
            $this->times['a job begun, answered'][$kind][] = $visitor->milliseconds();
            $attempts[$kind] = is_int($started['attempt'] ?? null) ? $started['attempt'] : 0;
        }

        return $attempts;
    }

    /**
     * As an examination with a variant, of which the first to begin gets the car with this fault.
     *
     * @param  array<string, mixed>  $fault
     */
    private function given(Publication $publication, array $fault): int
    {
        $instructor = User::query()->where('role', Role::Instructor)->firstOrFail();
        $draft = CaseDraft::query()->create(['instructor_id' => $instructor->id, 'document' => [...JsonFile::read(base_path(self::CASE)), 'car' => $this->option('vehicle'), 'faults' => [$fault]]]);
        $given = $publication->of($draft, [$instructor->groupIds()[0]], new Terms(Release::of(ReleaseKind::ByInstructor), variation: Variation::SameKind));
        $given->update(['preparation' => ['done' => true] + $this->variants->preparation($given)]);
        $given->version->replicate()->fill(['variant' => 1, 'variant_for' => $given->id])->save();

        return $given->id;
    }

    /**
     * @param  array<string, mixed>  $action
     * @return array{?float, float} milliseconds until it was accepted, where it was held back, and until it was answered
     */
    private function act(BenchVisitor $visitor, int $attempt, int $number, array $action): array
    {
        $key = Str::uuid()->toString();
        $begun = hrtime(true);
        $answer = $visitor->ask('POST', "/api/attempts/$attempt/actions", ['key' => $key, 'number' => $number, 'action' => $action]);
        $accepted = (hrtime(true) - $begun) / 1e6;
        $isHeld = isset($answer['heldMilliseconds']);
        while (isset($answer['heldMilliseconds'])) {
            usleep(1000 * (is_int($answer['heldMilliseconds']) ? $answer['heldMilliseconds'] : 0));
            $answer = $visitor->ask('GET', "/api/attempts/$attempt/actions/$key");
        }

        return [$isHeld ? $accepted : null, isset($answer['step']) ? (hrtime(true) - $begun) / 1e6 : NAN];
    }

    /** @return list<string> what was told apart */
    private function told(): array
    {
        $chances = [];
        $wide = [];
        $apart = [];
        ksort($this->times);
        foreach ($this->times as $what => $byFault) {
            $fromMiddle = self::fromMiddle($byFault);
            [$least, $most] = self::range($fromMiddle);
            $byChance = self::byChance($fromMiddle, self::LEVEL / count($this->times));
            [$quickest, $slowest] = self::range($byFault);
            $this->line(sprintf('%-34s medians %7.2f to %7.2f ms; from the middle of their rounds apart by %5.2f; by chance alone up to %5.2f', $what, $quickest, $slowest, $most - $least, $byChance));
            if ($most - $least >= self::MOST_MILLISECONDS) {
                $wide[] = $what;
                array_push($apart, ...($most - $least > $byChance ? [$what] : []));
            }
            foreach (self::pairs(array_keys($byFault)) as [$one, $other]) {
                $chances["$what: $one, $other"] = SignedRank::chance(array_map(static fn (float $a, float $b): float => $a - $b, $byFault[$one], $byFault[$other]));
            }
        }
        $told = StepDown::found($chances, self::LEVEL);
        $requests = array_sum(array_map(static fn (array $byFault): int => array_sum(array_map(count(...), $byFault)), $this->times));
        $this->line(sprintf('%d times, %d pairs of faults compared, least chance %.2g', $requests, count($chances), min([1.0, ...array_values($chances)])));
        $this->line('medians apart by '.self::MOST_MILLISECONDS.' ms and more: '.count($wide).' of '.count($this->times).'; by more than chance: '.($apart === [] ? 'none' : implode('; ', $apart)));
        $this->line('told apart at '.(100 * self::LEVEL).' %: '.($told === [] ? 'none' : count($told).', first '.$told[0]));

        return [...$apart, ...$told];
    }

    /**
     * @param  list<string>  $faults
     * @return list<array{string, string}>
     */
    private static function pairs(array $faults): array
    {
        $pairs = [];
        foreach ($faults as $index => $one) {
            foreach (array_slice($faults, $index + 1) as $other) {
                $pairs[] = [$one, $other];
            }
        }

        return $pairs;
    }

    /**
     * @param  array<string, list<float>>  $byFault
     * @return array{float, float} the least and the greatest of the medians
     */
    private static function range(array $byFault): array
    {
        $medians = array_map(self::median(...), array_values($byFault));

        return [min([INF, ...$medians]), max([-INF, ...$medians])];
    }

    /**
     * @param  array<string, list<float>>  $byFault
     * @return array<string, list<float>> each time less the median of its round
     */
    private static function fromMiddle(array $byFault): array
    {
        foreach (array_keys(array_values($byFault)[0] ?? []) as $round) {
            $middle = self::median(array_column($byFault, $round));
            foreach (array_keys($byFault) as $fault) {
                $byFault[$fault][$round] -= $middle;
            }
        }

        return $byFault;
    }

    /**
     * As far apart as they lie by chance alone, so that nothing of all that is timed lies further apart but with the chance of the level as a whole.
     *
     * @param  array<string, list<float>>  $byFault
     */
    private static function byChance(array $byFault, float $level): float
    {
        $rounds = array_map(null, ...array_values($byFault));
        $differences = [];
        for ($turn = 0; $turn < self::SHUFFLES; $turn++) {
            $places = array_map(static function (array $round): array {
                shuffle($round);

                return $round;
            }, $rounds);
            [$least, $most] = self::range(array_map(static fn (int $place): array => array_column($places, $place), array_flip(array_keys($byFault))));
            $differences[] = $most - $least;
        }
        sort($differences);

        return $differences[(int) ((1.0 - $level) * self::SHUFFLES)] ?? 0.0;
    }

    /** @param  list<float>  $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);

        return array_sum(array_slice($numbers, intdiv(count($numbers) - 1, 2), 2 - count($numbers) % 2)) / (2 - count($numbers) % 2);
    }
}
