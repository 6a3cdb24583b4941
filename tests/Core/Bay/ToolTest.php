<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Rooms;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Advice\Trials;
use Lernfall\Format\ActionReader;
use PHPUnit\Framework\TestCase;
use Tests\Support\ActionExamples;
use Tests\Support\Workbench;

/** What a case withholds cannot be used, and nothing else is missing. */
final class ToolTest extends TestCase
{
    public function test_every_tool_is_needed_by_some_action_and_refused_where_it_is_withheld(): void
    {
        $needed = [];
        foreach (ActionExamples::all() as $name => $example) {
            $action = ActionReader::read($example);
            $tool = Rooms::procedures()->procedure($action)->tool();
            if ($tool === '') {
                continue;
            }
            $needed[] = $tool;
            foreach (Rooms::procedures()->tools() as $withheld) {
                $refused = false;
                try {
                    Job::begin($this->without($withheld), 'a')->do($action, Workbench::simulator());
                } catch (UnfitAction $unfit) {
                    $refused = $unfit->messageKey === 'unfit.withheld';
                }
                self::assertSame($withheld === $tool, $refused, "$name without $withheld");
            }
        }

        self::assertEqualsCanonicalizing(Rooms::procedures()->tools(), array_values(array_unique($needed)));
    }

    public function test_no_test_is_advised_whose_tool_is_withheld(): void
    {
        $case = $this->without('meter');
        $car = $case->car('a');
        $all = (new Trials(Workbench::simulator()))->on($case->sound, $car->state);
        $possible = (new Trials($case->equips(Workbench::simulator())))->on($case->sound, $car->state);
        $names = static fn (array $trials): array => array_map(static fn (Trial $one): string => "$one->id@$one->place", $trials);

        self::assertContains('ohms-sensor@FR', $names($all));
        self::assertNotContains('ohms-sensor@FR', $names($possible));
        self::assertContains('look-ring@FR', $names($possible));
    }

    private function without(string $tool): FaultCase
    {
        $case = Workbench::case();

        return new FaultCase($case->name, $case->jobTitle, $case->complaint, $case->sound, $case->faults, withheld: [$tool]);
    }
}
