<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Solving\AdviceFollower;
use Lernfall\Format\CaseDocument;
use Lernfall\Format\CaseReader;
use Lernfall\Marking\MarkSheet;
use Lernfall\Marking\Policy;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Careful;
use Tests\Support\Played;
use Tests\Support\SoundWork;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** Two apprentices on every demo case: one does what the advice says and writes everything down, one renews a part at once. */
final class DemoCasesTest extends TestCase
{
    /** Of the cases, in a usual run. */
    private const SAMPLE = 3;

    /** Nothing is wrong with its car: to find that out takes some thirty tests, and a minute. */
    private const LONG = 'joiner.case.json';

    /** @return iterable<string, array{string}> */
    public static function cases(): iterable
    {
        $files = glob(dirname(__DIR__, 3).'/database/seeders/demo/*.case.json') ?: [];
        $soon = array_values(array_filter($files, static fn (string $file): bool => Sweep::isThorough() || basename($file) !== self::LONG));
        foreach (Sweep::of($soon, self::SAMPLE) as $file) {
            yield basename($file, '.case.json') => [basename($file)];
        }
    }

    #[DataProvider('cases')]
    public function test_the_sound_one_repairs_rightly_and_can_justify_it(string $file): void
    {
        $document = $this->read($file);
        $sheet = $this->soundly($document->case, $document->policy, $document->knowledge);

        self::assertTrue($sheet->reviews[0]->isRight);
        self::assertContains($sheet->reviews[0]->verdict(), ['justified', 'close']);
        self::assertSame($sheet->mark('reasoning')?->outOf, (int) $sheet->mark('reasoning')?->points);
    }

    /** @return array<array-key, array{string}> */
    public static function readingFirst(): array
    {
        return Sweep::of([['cellist.case.json'], ['pharmacy.case.json']], 1);
    }

    /** On these the arithmetic alone repairs before anything was measured at the place of the fault. */
    #[DataProvider('readingFirst')]
    public function test_where_the_rules_demand_a_reading_the_sensible_path_has_one(string $file): void
    {
        $document = $this->read($file);
        $sheet = $this->soundly($document->case, Workbench::policy('examination'), $document->knowledge);

        self::assertSame('justified', $sheet->reviews[0]->verdict());
        self::assertFalse($sheet->reviews[0]->lacksReading);
        self::assertGreaterThan(0.0, $sheet->mark('reading')?->points);
    }

    /** Works a case by its own advice, everything written down. */
    private function soundly(FaultCase $case, Policy $policy, CaseKnowledge $knowledge): MarkSheet
    {
        $path = Workbench::evidence()->of($case, $knowledge)->path('sound', $policy->needlessRepair, $policy->demandsReading);
        self::assertTrue($path->isRight(), $path->advice->remedy);
        $repairs = $path->advice->repairs->repairs($path->advice->remedy);
        if (array_filter($repairs, static fn (Repair $one): bool => in_array($one->kind->value, $case->madeElsewhere, true)) !== []) { // named, and handed over
            return Played::on($case, 'sound')->do(...SoundWork::on($case, 'sound', $policy, $knowledge))->marks($policy, $knowledge);
        }
        $played = Played::on($case, 'sound');
        foreach ($path->job->steps as $step) {
            Careful::note($played->do($step->action));
        }
        foreach ($repairs as $repair) {
            $this->secured($played, $repair)->do($repair);
        }

        return $played->do(['do' => 'conclude'])->marks($policy, $knowledge);
    }

    #[DataProvider('cases')]
    public function test_the_hasty_one_is_told_so(string $file): void
    {
        $document = $this->read($file);
        $needed = (new Remedies(Workbench::simulator()))->name(Car::hypothesis($document->case->faultyVehicle(), $document->case->sound));
        $corner = $document->case->sound->channelIds()[0];
        $repair = str_starts_with($needed, 'replace-module') ? ['do' => 'repair', 'kind' => 'clean-plug', 'channel' => $corner] : ['do' => 'repair', 'kind' => 'replace-module', 'channel' => $corner];
        $played = Played::on($document->case);
        foreach (AdviceFollower::firstLook($document->case->sound) as $action) {
            $played->do($action);
        }
        $sheet = $played->do(['do' => 'ignition', 'to' => 'off'], $repair, ['do' => 'conclude'])->marks($document->policy, $document->knowledge);

        self::assertSame('wrong', $sheet->reviews[0]->verdict());
        self::assertArrayHasKey('part-on-code', $sheet->mistakes);
        self::assertSame(0.0, $sheet->mark('reasoning')?->points);
    }

    private function secured(Played $played, Repair $repair): Played
    {
        $lift = $played->job->car->state->lift;
        if (! $repair->kind->needsFreeWheel() || $lift->isSecured()) {
            return $played;
        }

        return $played->do(['do' => 'ignition', 'to' => 'off'])->secured();
    }

    private function read(string $file): CaseDocument
    {
        $vehicles = [];
        $document = Workbench::json("database/seeders/demo/$file");
        $vehicles[$document['car']] = Workbench::json("core/Vehicle/BuiltIn/$document[car].json");

        return (new CaseReader($vehicles, Workbench::catalogue(), array_map(static fn (string $name): mixed => Workbench::json("core/Marking/policies/$name.json"), ['workshop' => 'workshop', 'first-year' => 'first-year', 'examination' => 'examination'])))->read($document);
    }
}
