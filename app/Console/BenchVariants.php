<?php

declare(strict_types=1);

namespace App\Console;

use App\Attempts\CaseText;
use App\Documents\ContentLibrary;
use App\Documents\JsonFile;
use Illuminate\Console\Command;
use Lernfall\Chance\Draw;
use Lernfall\Evidence\Solving\Par;
use Lernfall\Evidence\Variation\Candidates;
use Lernfall\Evidence\Variation\VariantTrial;
use Lernfall\Evidence\Variation\Variation;
use Lernfall\Evidence\Variation\VariationLimits;
use Lernfall\Fault\Fault;

/** Draws many variants of demo cases as for an examination, works each, and says how near they come to each other. */
final class BenchVariants extends Command
{
    protected $signature = 'bench:variants {--variants=200 : of each case, where there are so many} {--cases=midwife,potter,cellist,florist,pharmacy : of the demo} {--seconds=900 : for each case at most}';

    protected $description = 'Draw variants of cases and look how much alike their par is';

    /** From this share of refused candidates on, the limits are said to be too wide. */
    private const REFUSED = 0.1;

    /** As often as this factor is drawn, as variants are wanted. */
    private const DRAWN = 4;

    public function handle(ContentLibrary $library): int
    {
        foreach (explode(',', (string) $this->option('cases')) as $case) {
            $this->case($library, $case);
        }

        return self::SUCCESS;
    }

    private function case(ContentLibrary $library, string $name): void
    {
        $document = $library->caseReader()->read($library->caseReader()->frozen(JsonFile::read(base_path("database/seeders/demo/$name.case.json"))));
        $usual = $library->variation();
        $wanted = (int) $this->option('variants');
        $limits = new VariationLimits($usual->parShare, $usual->otherParShare, $usual->strengthFactor, $wanted, self::DRAWN * $wanted);
        $trial = new VariantTrial($document->case, $document->knowledge, $library->solver($document->policy), $limits, $library->simulator());
        $own = $trial->own();
        $this->line(sprintf('%s, %s: %s', $name, implode(', ', array_map(static fn (Fault $one): string => $one->key(), $document->case->faults)), $own === null ? 'cannot be solved itself' : sprintf('par %.0f min, %d tests', $own->minutes, $own->tests)));
        if ($own !== null) {
            $candidates = (new Candidates($document->case->sound, $document->case->faults, $library->catalogue(), $limits, new Draw("bench $name")))->of(Variation::SameKind, CaseText::namesPlace($document->case));
            $this->told($candidates, $trial, $own, $wanted);
        }
    }

    /** @param  list<list<Fault>>  $candidates */
    private function told(array $candidates, VariantTrial $trial, Par $own, int $wanted): void
    {
        $minutes = [];
        $against = [];
        $tried = 0;
        $until = microtime(true) + (float) $this->option('seconds');
        foreach ($candidates as $faults) {
            if ($faults === [] || count($minutes) >= $wanted || microtime(true) > $until) {
                break;
            }
            $tried++;
            [$objection, $par] = $trial->of(Variation::SameKind, $faults, $own);
            if ($objection === null && $par !== null) {
                $minutes[] = $par->minutes;
            } else {
                $against["$objection"][] = $faults[0]->strength;
            }
        }
        sort($minutes);
        $median = $minutes[intdiv(count($minutes), 2)] ?? $own->minutes;
        $this->line(sprintf('  %d variants of %d tried, %d drawn; par %+.1f to %+.1f %% of their median, all with %d tests', count($minutes), $tried, count($candidates), 100.0 * (($minutes[0] ?? $median) / $median - 1.0), 100.0 * (($minutes[count($minutes) - 1] ?? $median) / $median - 1.0), $own->tests));
        foreach ($against as $objection => $strengths) {
            $this->line(sprintf('  %d refused (%s), strengths %.3g to %.3g%s', count($strengths), $objection, min($strengths), max($strengths), count($strengths) > self::REFUSED * $tried ? ': strengthFactor is too wide for this case, narrow it' : ''));
        }
    }
}
