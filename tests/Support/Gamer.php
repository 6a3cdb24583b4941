<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\LampCodes\CodedCorners;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Chance\Draw;
use Lernfall\Evidence\Solving\AdviceFollower;

/** Someone after points who finds nothing out: copies codes and lamps, tapes, swaps, and renews part after part, cheapest or at random. */
final class Gamer
{
    private const MOST_REPAIRS = 4;

    private Draw $draw;

    private function __construct(private Played $played, string $seed)
    {
        $this->draw = new Draw("gamer $seed");
    }

    public static function on(FaultCase $case, string $seed): Played
    {
        $gamer = new self(Played::on($case, $seed), $seed);
        $gamer->looks();
        $gamer->repairs();

        return $gamer->try(['do' => 'conclude']);
    }

    private function looks(): void
    {
        foreach (AdviceFollower::firstLook($this->played->job->case->sound) as $action) {
            $this->played->do($action);
            if ($this->at('copies') < 0.9) {
                Careful::note($this->played);
            }
        }
    }

    private function repairs(): void
    {
        $this->try(['do' => 'check-connector', 'open' => false])->do(['do' => 'ignition', 'to' => 'off'])->secured();
        foreach (array_slice($this->wanted(), 0, 1 + (int) (self::MOST_REPAIRS * $this->at('repairs'))) as $number => $repair) {
            if ($this->at("tapes $number") < 0.2) {
                $this->try(['do' => 'repair', 'kind' => 'tape-loom', 'channel' => $repair->channel]);
            }
            if ($this->at("swaps $number") < 0.15) {
                $this->try(['do' => 'swap-sensors', 'channel' => $repair->channel]);
            }
            $this->names($repair, $number);
            $this->try(['do' => 'repair', 'kind' => $repair->kind->value, 'channel' => $repair->channel]);
        }
        $this->played->do(['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], ['do' => 'ignition', 'to' => 'running']);
        foreach ([['do' => 'clear-codes'], ['do' => 'road-test'], ['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes']] as $number => $action) {
            if ($this->at("proves $number") < 0.9) {
                $this->try($action);
            }
        }
    }

    /** @return list<Repair> of the corner that has a code, or of any; by price, or at random */
    private function wanted(): array
    {
        $sound = $this->played->job->case->sound;
        $codes = [];
        foreach ($this->played->job->steps as $step) {
            $codes = CodesShown::at($step) ?? $codes;
        }
        $corners = CodedCorners::named(array_keys($codes), $sound);
        $corner = $corners === [] ? $sound->channelIds()[(int) ($this->at('corner') * count($sound->channelIds()))] : $corners[0];
        $repairs = [];
        foreach (RepairKind::cases() as $kind) {
            if (! $kind->isMakeshift() && in_array($corner, $kind->places($sound), true)) {
                $repairs[] = new Repair($kind, $corner);
            }
        }
        $simulator = Workbench::simulator();
        $byPrice = $this->at('greedy') < 0.5;
        usort($repairs, fn (Repair $one, Repair $other): int => $byPrice
            ? $simulator->price($one) <=> $simulator->price($other)
            : $this->at("order {$one->kind->value}") <=> $this->at("order {$other->kind->value}"));

        return $repairs;
    }

    private function names(Repair $repair, int $number): void
    {
        $station = $repair->kind->stations()[0];
        $defects = Vocabulary::DEFECTS[$station];
        $this->try(['do' => 'name-cause', 'channel' => $repair->channel, 'station' => $station, 'defect' => $defects[(int) ($this->at("names $number") * count($defects))], 'supports' => [], 'expects' => 'code-stays-away']);
    }

    /** @param  array<string, mixed>  $action */
    private function try(array $action): Played
    {
        try {
            return $this->played->do($action);
        } catch (UnfitAction) {
            return $this->played; // this car has no such thing
        }
    }

    private function at(string $what): float
    {
        return $this->draw->uniform($what);
    }
}
