<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\BuiltIn;
use App\Models\Attempt;
use App\Models\Counsel;
use Lernfall\Evidence\Advice\Advice;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\Possible;
use Lernfall\Evidence\Remedies;
use Lernfall\Evidence\Trail;
use Lernfall\Format\LikelyFormat;
use Lernfall\Format\TrialFormat;

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
        $document = $this->fold->document($attempt->version);
        $simulator = $this->builtIn->simulator()->forCase($document->case);
        $lineup = Trail::of($this->fold->of($attempt), $this->builtIn->suspects()->of($document->case, $document->knowledge), $this->builtIn->weighing(), $simulator)->end();
        $possible = Possible::after($step, $lineup->shown());

        return [
            'about' => $about,
            'open' => $possible->open,
            'foremost' => LikelyFormat::write($possible->foremost),
            ...($about === 'next'
                ? $this->next((new Adviser($simulator, new Remedies($simulator), $document->policy->needlessRepair))->on($lineup, $lineup->shown()))
                : ['repair' => null, 'chance' => null, 'tests' => []]),
        ];
    }

    /** @return array{repair: ?string, chance: float, tests: list<array{id: string, place: string, minutes: float, bits: float}>} */
    private function next(Advice $advice): array
    {
        return [
            'repair' => $advice->isToRepair() ? $advice->remedy : null,
            'chance' => round($advice->repairs->byRemedy()[$advice->remedy] ?? 0.0, 3),
            'tests' => array_map(TrialFormat::write(...), array_slice($advice->different(), 0, self::TESTS)),
        ];
    }
}
