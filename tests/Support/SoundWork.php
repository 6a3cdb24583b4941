<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Worksheet\WriteCode;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Solving\AdviceFollower;
use Lernfall\Fault\Fault;
use Lernfall\Fault\Symptom;
use Lernfall\Marking\Policy;
use Lernfall\Vehicle\LampCodes;
use Lernfall\Vehicle\Provocation;

/** A case worked as an examiner would have it: by the advice, all written and judged, the cause named, the repair proven. */
final class SoundWork
{
    /** @return list<Action> */
    public static function on(FaultCase $case, string $seed, Policy $policy, CaseKnowledge $knowledge): array
    {
        $path = Workbench::evidence()->of($case, $knowledge)->path($seed, $policy->needlessRepair, demandsReading: true);
        $played = Played::on($case, $seed);
        foreach ($path->job->steps as $step) {
            Careful::note($played->do($step->action));
        }
        foreach ($case->faults === [] ? [['car', 'nothing', 'normal']] : array_map(static fn (Fault $one): array => [$one->channel, $one->kind->station, $one->kind->defect], $case->faults) as [$channel, $station, $defect]) {
            $played->do(['do' => 'name-cause', 'channel' => $channel, 'station' => $station, 'defect' => $defect, 'supports' => self::entries($played), 'expects' => 'code-stays-away']);
        }
        self::parked($played);
        $repairs = $path->advice->repairs->repairs($path->advice->remedy);
        if (array_intersect(array_map(static fn (Repair $one): string => $one->kind->value, $repairs), $case->madeElsewhere) !== []) {
            self::lowered($played);

            return $played->do(['do' => 'conclude', 'to' => 'brake-specialist', 'journey' => 'carried'])->actions();
        }
        foreach ($repairs as $repair) {
            if ($repair->kind->needsFreeWheel() && ! $played->job->car->state->lift->isSecured()) {
                $played->secured();
            }
            $played->do($repair);
        }
        self::lowered($played);
        if (array_filter($played->job->steps, CodesShown::isSilent(...)) !== []) {
            foreach (AdviceFollower::firstLook($case->sound) as $action) {
                Careful::note($played->do($action));
            }
        }

        return $played->do(...self::proof($case->sound->module->lampCodes, self::wetted($case, $knowledge)), ...[['do' => 'conclude']])->actions();
    }

    /** @return list<array<string, mixed>> what was noticed after rain is tried with water, and the key turned meanwhile: some modules test only then */
    private static function wetted(FaultCase $case, CaseKnowledge $knowledge): array
    {
        $channel = $case->faults[0]->channel ?? $case->sound->channelIds()[0];

        return array_filter($knowledge->symptoms, static fn (Symptom $one): bool => $one->under === Provocation::Wet) === []
            ? []
            : [['do' => 'provoke', 'how' => 'wet', 'channel' => $channel], ['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'provoke', 'how' => 'nothing', 'channel' => $channel]];
    }

    /**
     * @param  list<array<string, mixed>>  $more  after the drive
     * @return list<array<string, mixed>> cleared, driven, the key turned once more, and read
     */
    private static function proof(?LampCodes $rules, array $more): array
    {
        if ($rules === null) {
            return [['do' => 'ignition', 'to' => 'running'], ['do' => 'clear-codes'], ['do' => 'road-test'], ...$more, ...[['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes']]];
        }
        $cycle = $rules->cycle;

        return $cycle === null
            ? [
                ['do' => 'ignition', 'to' => 'on'], ['do' => 'check-connector', 'open' => true], ['do' => 'press-pedal', 'times' => 12, 'seconds' => 3.5], ['do' => 'check-connector', 'open' => false],
                ['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test'], ['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'on'],
                ['do' => 'check-connector', 'open' => true], ['do' => 'watch-lamp'], ['do' => 'check-connector', 'open' => false],
            ]
            : [
                ['do' => 'cycle-power', 'onSeconds' => 5.0, 'offSeconds' => $cycle->offSeconds], ['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test'],
                ['do' => 'cycle-power', 'onSeconds' => $cycle->onSeconds, 'offSeconds' => $cycle->offSeconds],
            ];
    }

    /** Whatever was moved, held or joined is as it was, and the key is off. */
    private static function parked(Played $played): void
    {
        $state = $played->job->car->state;
        if ($state->connections->provoked !== null) {
            $played->do(['do' => 'provoke', 'how' => 'nothing', 'channel' => $state->connections->provoked->channel]);
        }
        foreach ($state->wheels->channels() as $turning) {
            $played->do(['do' => 'turn-wheel', 'channel' => $turning, 'turnsPerSecond' => 0.0]);
        }
        if ($state->isPowered()) {
            $played->do(['do' => 'ignition', 'to' => 'off']);
        }
        foreach ($state->places->removed->all() as [$part, $place]) {
            $played->do(['do' => 'fit-trial-part', 'part' => $part->value, 'channel' => $place, 'fitted' => false]);
        }
        foreach ($state->places->openPlugs as $plug) {
            $played->do(['do' => 'join', 'plug' => $plug]);
        }
    }

    private static function lowered(Played $played): void
    {
        $lift = $played->job->car->state->lift;
        $played->do(...($lift->raised ? [['do' => 'secure', 'step' => 'lower']] : []), ...($lift->chocked ? [['do' => 'secure', 'step' => 'unchock']] : []));
    }

    /** @return list<int> */
    private static function entries(Played $played): array
    {
        return array_values(array_map(
            static fn (Step $step): int => $step->number,
            array_filter($played->job->steps, static fn (Step $step): bool => $step->action instanceof WriteReading || $step->action instanceof WriteCode),
        ));
    }
}
