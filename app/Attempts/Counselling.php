<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\BuiltIn;
use App\Models\Attempt;
use App\Models\Counsel;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\Advice\Worth;
use Lernfall\Evidence\Lineup;
use Lernfall\Evidence\Possible;
use Lernfall\Evidence\Remedies;
use Lernfall\Format\LikelyFormat;

/** Answers an apprentice who practises: what is still possible, and what would be done next. */
final readonly class Counselling
{
    private const TESTS = 3;

    public function __construct(private BuiltIn $builtIn, private JobFold $fold)
    {
    }

    public function mayBeAsked(Attempt $attempt): bool
    {
        return $attempt->concluded_at === null && $this->fold->document($attempt->version)->practice;
    }

    /** @return array<string, mixed> what is asked is stored before it is answered */
    public function ask(Attempt $attempt, string $about): array
    {
        $step = $attempt->actions->count();
        Counsel::query()->firstOrCreate(['attempt_id' => $attempt->id, 'after_step' => $step, 'about' => $about], ['asked_at' => now()]);
        $lineup = $this->lineup($attempt);
        $possible = Possible::after($step, $lineup->shown());

        return [
            'about' => $about,
            'open' => $possible->open,
            'foremost' => LikelyFormat::write($possible->foremost),
            ...($about === 'next' ? $this->next($lineup, $attempt) : ['repair' => null, 'chance' => null, 'tests' => []]),
        ];
    }

    private function lineup(Attempt $attempt): Lineup
    {
        $document = $this->fold->document($attempt->version);
        $job = $this->fold->of($attempt);
        $lineup = Lineup::of($this->builtIn->suspects()->of($document->case, $document->knowledge), $this->builtIn->weighing(), $this->builtIn->simulator()->forCase($document->case));
        foreach ($job->steps as $step) {
            $lineup = $lineup->after($step);
        }

        return $lineup;
    }

    /** @return array{repair: ?string, chance: ?float, tests: list<array{id: string, place: string, minutes: float, bits: float}>} */
    private function next(Lineup $lineup, Attempt $attempt): array
    {
        $document = $this->fold->document($attempt->version);
        $simulator = $this->builtIn->simulator()->forCase($document->case);
        $advice = (new Adviser($simulator, new Remedies($simulator), $document->policy->needlessRepair))->on($lineup, $lineup->shown());

        return [
            'repair' => $advice->isToRepair() ? $advice->remedy : null,
            'chance' => round($advice->repairs->byRemedy()[$advice->remedy] ?? 0.0, 3),
            'tests' => array_map(static fn (Worth $worth): array => [
                'id' => $worth->trial->id, 'place' => $worth->trial->place, 'minutes' => $worth->trial->minutes, 'bits' => round($worth->bits, 2),
            ], array_slice($advice->tests, 0, self::TESTS)),
        ];
    }
}
