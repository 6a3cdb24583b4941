<?php

declare(strict_types=1);

namespace App\Console;

use App\Documents\Complaint;
use App\Documents\ContentLibrary;
use App\Documents\JsonFile;
use App\Documents\SchemaCheck;
use Illuminate\Console\Command;
use Lernfall\Document\InvalidDocument;
use Lernfall\Format\SolvabilityFormat;
use Symfony\Component\Console\Helper\ProgressBar;
use Symfony\Component\Console\Output\NullOutput;

/** Says whether a case file can be solved with sensible tests, by which path, and what no test tells apart. */
final class CheckCase extends Command
{
    protected $signature = 'case:check {case : a case file} {--json : print JSON}';

    protected $description = 'Say whether a case can be solved; ends with 1 where it cannot';

    private const INVALID_INPUT = 2;

    public function handle(ContentLibrary $library, SchemaCheck $schemas): int
    {
        $file = (string) $this->argument('case');
        try {
            $content = JsonFile::read($file);
            $document = $library->caseReader()->read($content);
            $schemas->check($content, 'case');
        } catch (InvalidDocument $invalid) {
            $this->getOutput()->getErrorStyle()->writeln("$file: ".Complaint::of($invalid));

            return self::INVALID_INPUT;
        }
        $bar = new ProgressBar($this->option('json') ? new NullOutput : $this->getOutput()->getErrorStyle());
        $found = $library->solver($document->policy)->of($document->case, $document->knowledge, static function (int $done, int $of) use ($bar): void {
            $bar->setMaxSteps($of);
            $bar->setProgress($done);
        });
        $bar->clear();
        $report = SolvabilityFormat::write($found);
        $this->option('json') ? $this->line(json_encode($report, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE)) : $this->printText($report);

        return $found->isSolvable() ? self::SUCCESS : self::FAILURE;
    }

    /** @param  array{solvable: bool, needed: string, reached: int, of: int, afterFirstLook: float, par: ?array{minutes: float, cost: float, remedy: string, tests: list<array{id: string, place: string, minutes: float}>}, together: list<string>, tools: list<array{tool: string, apart: list<string>}>, warnings: list<string>, silent: list<string>}  $report */
    private function printText(array $report): void
    {
        $this->line(($report['solvable'] ? 'can be solved' : 'cannot be solved').": $report[needed], reached on $report[reached] of $report[of] cars");
        $this->line(sprintf('after the first look: %.0f %%', 100.0 * $report['afterFirstLook']));
        if ($report['par'] !== null) {
            $this->line(sprintf('par %.1f min, %.0f in money, repair and proof included', $report['par']['minutes'], $report['par']['cost']));
            foreach ($report['par']['tests'] as $test) {
                $this->line(sprintf('  %5.1f min  %s %s', $test['minutes'], $test['place'], $test['id']));
            }
        }
        foreach ($report['together'] as $name) {
            $this->line("no test tells it from: $name");
        }
        foreach ($report['tools'] as $tool) {
            $this->line("with the $tool[tool] it could be told from: ".implode(', ', $tool['apart']));
        }
        foreach ($report['silent'] as $name) {
            $this->line("silent here: $name");
        }
        foreach ($report['warnings'] as $warning) {
            $this->line("warning: $warning");
        }
    }
}
