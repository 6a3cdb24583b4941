<?php

declare(strict_types=1);

namespace App\Console;

use App\Documents\Complaint;
use App\Documents\ContentLibrary;
use App\Documents\JsonFile;
use App\Documents\SchemaCheck;
use App\Strings;
use Illuminate\Console\Command;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Job\Job;
use Lernfall\Document\InvalidDocument;
use Lernfall\Format\MarkSheetFormat;
use Lernfall\Format\ObservationFormat;
use Lernfall\Format\Script;
use Lernfall\Format\TrialFormat;

/** Plays a script of actions against a case file, without a database, and prints what it showed and the marks. */
final class RehearseCase extends Command
{
    protected $signature = 'case:rehearse {case : a case file} {script : a script of actions} {--json : print JSON} {--ideal : a car and instruments that deviate in nothing, all digits shown}';

    protected $description = 'Play a script against a case and print every observation and the marks';

    private const INVALID_INPUT = 2;

    /** As many of the most telling next tests are named after each step. */
    private const NEXT_TESTS = 3;

    public function handle(ContentLibrary $library, SchemaCheck $schemas): int
    {
        $file = (string) $this->argument('case');
        try {
            $caseDocument = JsonFile::read($file);
            $document = $library->caseReader()->read($caseDocument);
            $schemas->check($caseDocument, 'case');
            $file = (string) $this->argument('script');
            $scriptDocument = JsonFile::read($file);
            $script = Script::read($scriptDocument);
            $schemas->check($scriptDocument, 'script');
        } catch (InvalidDocument $invalid) {
            return $this->refuse("$file: ".Complaint::of($invalid));
        }
        $ideal = $this->option('ideal') === true;
        $simulator = $ideal ? $library->simulator()->ideal() : $library->simulator();
        $job = $ideal ? Job::ideally($document->case, $script->seed) : Job::begin($document->case, $script->seed);
        $evidence = $library->evidence()->of($document->case, $document->knowledge);
        $set = $evidence->beginning();
        $adviser = $evidence->adviser($document->policy->needlessRepair);
        $next = [];
        foreach ($script->actions as $position => $action) {
            try {
                $job = $job->do($action, $simulator);
                $before = $set;
                $set = $set->after($job->steps[$position]);
                $next[] = $set === $before ? $next[$position - 1] ?? [] : array_map(TrialFormat::write(...), array_slice($adviser->on($set, $set->shown())->different(), 0, self::NEXT_TESTS));
            } catch (UnfitAction $unfit) {
                return $this->refuse("$file: /actions/$position/{$unfit->field}: ".Strings::text($unfit->messageKey, $unfit->parameters));
            }
        }
        $sheet = MarkSheetFormat::write($library->marker()->mark($job, $document->policy, $document->knowledge));
        if (! $job->isConcluded()) {
            $sheet = [...$sheet, 'points' => 0.0, 'marks' => []]; // a job that was not closed has no marks
        }
        $this->option('json') ? $this->printJson($job, $scriptDocument['actions'], $sheet, $next) : $this->printText($job, $sheet, $next);

        return self::SUCCESS;
    }

    /**
     * How many faults are still possible, and the likeliest of them.
     *
     * @param  array<string, mixed>  $possible
     */
    private function possible(array $possible): string
    {
        $foremost = [];
        foreach ((array) ($possible['foremost'] ?? []) as $likely) {
            $foremost[] = implode(' + ', array_map(static fn (array $fault): string => "$fault[kind]@$fault[channel]", $likely['faults'])).sprintf(' %.0f %%', 100.0 * $likely['chance']);
        }

        return $foremost === [] ? '' : "$possible[open] possible: ".implode(', ', $foremost);
    }

    private function refuse(string $message): int
    {
        $this->getOutput()->getErrorStyle()->writeln($message);

        return self::INVALID_INPUT;
    }

    /**
     * @param  array<int, mixed>  $actions
     * @param  array<string, mixed>  $sheet
     * @param  list<list<array{id: string, place: string, minutes: float, bits: float}>>  $next  tests by step
     */
    private function printJson(Job $job, array $actions, array $sheet, array $next): void
    {
        $steps = array_map(static fn (Step $step): array => [
            'number' => $step->number,
            'action' => $actions[$step->number - 1],
            'observation' => ObservationFormat::write($step->observation),
            'minutes' => $step->cost->minutes,
            'money' => $step->cost->money,
            'next' => $next[$step->number - 1],
        ], $job->steps);
        $this->line(json_encode(['steps' => $steps, 'marks' => $sheet], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
    }

    /**
     * @param  array{points: float, outOf: int, marks: list<array<string, mixed>>, repairs: list<array<string, mixed>>, possible: list<array<string, mixed>>}  $sheet
     * @param  list<list<array{id: string, place: string, minutes: float, bits: float}>>  $next  tests by step
     */
    private function printText(Job $job, array $sheet, array $next): void
    {
        $before = '';
        foreach ($job->steps as $position => $step) {
            $this->line(sprintf('%3d  %5.1f min  %-22s %s', $step->number, $step->cost->minutes, $step->action->name(), SpokenObservation::of($step->observation)));
            $possible = $this->possible($sheet['possible'][$position] ?? []);
            if ($possible !== '' && $possible !== $before) {
                $this->line("                $possible");
                foreach ($next[$position] as $test) {
                    $this->line(sprintf('                next: %s@%s, %.2f bits in %.1f min', $test['id'], $test['place'], $test['bits'], $test['minutes']));
                }
            }
            $before = $possible;
        }
        $this->newLine();
        foreach ($sheet['repairs'] as $review) {
            $this->line(sprintf(
                'step %d: %s@%s, %s; helps with %.0f %% by the card, %.0f %% by all shown; expected %.0f now, %s testing on',
                $review['step'], $review['kind'], $review['channel'], $review['verdict'], 100.0 * $review['byCard'], 100.0 * $review['byShown'], $review['costNow'], $review['costOfTesting'] ?? 'no use in',
            ));
        }
        foreach ($sheet['marks'] as $mark) {
            $this->line(sprintf('%5.1f of %2d  %-10s %s', $mark['points'], $mark['outOf'], $mark['criterion'], Strings::text($mark['reason'], (array) $mark['parameters'])));
        }
        $this->line($job->isConcluded() ? sprintf('%5.1f of %d in %.1f min', $sheet['points'], $sheet['outOf'], $job->minutes()) : 'not closed, so there are no marks');
    }
}
