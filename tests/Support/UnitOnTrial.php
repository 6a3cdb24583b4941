<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Temperatures;
use Lernfall\Circuit\UnitCircuit;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Hydraulics\BrakeState;
use Lernfall\Hydraulics\ByHand;
use Lernfall\Hydraulics\LiftOutcome;
use Lernfall\Hydraulics\LiftTest;
use Lernfall\Hydraulics\Pedal;
use Lernfall\Hydraulics\RollerBench;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\MasterCylinder;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Brakes\UnitWiring;

/** A hydraulic unit that is put through every test there is while the car stands; what each shows, in one word, at the front left wheel. */
final readonly class UnitOnTrial
{
    private const FOOT_NEWTONS = 95.0;

    private LiftTest $lift;

    public function __construct(private HydraulicUnit $unit, private UnitWiring $wiring, private MasterCylinder $master)
    {
        $this->lift = new LiftTest($unit, $wiring, $master, 8.0, 60.0, 20.0);
    }

    /** @return array<string, string> by test */
    public function shows(self $sound): array
    {
        return [
            'ohms' => $this->ohms($sound),
            'amperes' => $this->amperes($sound),
            'drop, one' => $this->drop('FL'),
            'drop, two' => $this->drop('FL', 'RR'),
            'pedal, wheel' => $this->isHeld($this->pressed()) ? 'held' : 'free',
            'reduce' => $this->isHeld($this->reduced('FL')) ? 'held' : 'free',
            'reduce two' => implode('+', array_intersect(['FL', 'RR'], $this->reduced('FL', 'RR')->free())),
            'hold first' => $this->isHeld($this->driven(['FL'], Modulation::Hold, BrakeState::atRest($this->unit))) ? 'held' : 'free',
            'pump' => $this->pump(),
            'kick' => $this->kick() > 0.3 ? 'kick' : 'none',
            'pedal' => $this->pedal($sound),
            'bench' => $this->bench(),
        ];
    }

    /** Whether the pump brakes the front left wheel without the pedal. */
    public function buildsUp(): bool
    {
        $order = new UnitOrder(true, array_intersect_key(['first.isolation' => 1, 'first.priming' => 1, 'RR.inlet' => 1], $this->wiring->coils), true);

        return $this->isHeld($this->lift->commanded(BrakeState::atRest($this->unit), 0.0, $order, self::electrical(), 0.5));
    }

    private function ohms(self $sound): string
    {
        $valve = $this->valve();
        $coil = $this->wiring->coils[$valve];

        return match (true) {
            $coil->broken => 'open',
            $coil->ohms > 1.5 * $sound->wiring->coils[$valve]->ohms => 'high',
            default => 'sound',
        };
    }

    private function amperes(self $sound): string
    {
        $amperes = $this->currents('FL')->amperes($this->valve());
        $usual = $sound->currents('FL')->amperes($this->valve());

        return match (true) {
            $amperes < 0.05 => 'none',
            $amperes < 0.9 * $usual => 'low',
            default => 'sound',
        };
    }

    private function drop(string ...$channels): string
    {
        $volts = $this->currents(...$channels)->volts('unit.valves.fuse.out', 'unit.valves.relay.out');

        return match (true) {
            $volts > 11.0 => 'all',
            $volts > 0.2 => 'large',
            $volts > 0.005 => 'small',
            default => 'none',
        };
    }

    private function pump(): string
    {
        $runs = fn (bool $told): bool => $this->lift->commanded(BrakeState::atRest($this->unit), 0.0, new UnitOrder(pump: $told), self::electrical(), 0.1)->pumpRuns;

        return match (true) {
            $runs(false) => 'runs on',
            $runs(true) => 'runs',
            default => 'silent',
        };
    }

    private function kick(): float
    {
        $reduced = $this->reduced('FL', 'RR');

        return $this->lift->commanded($reduced->state, self::FOOT_NEWTONS, new UnitOrder(true, $this->positions(['FL', 'RR'], Modulation::Hold), true), self::electrical(), 1.0)->kickCentimetres;
    }

    private function pedal(self $sound): string
    {
        [$felt, $usual] = array_map(static fn (self $one) => (new Pedal($one->master, $one->unit))->pressed(40.0, 200.0, 5.0), [$this, $sound]);

        return match (true) {
            $felt->sinksCentimetres() > 0.5 => 'sinking',
            $felt->givesCentimetres() - $usual->givesCentimetres() > 0.5 => 'soft',
            $felt->lightCentimetres - $usual->lightCentimetres > 1.0 => 'low',
            $felt->lightCentimetres - $usual->lightCentimetres < -0.5 => 'hard',
            default => 'firm',
        };
    }

    private function bench(): string
    {
        $forces = (new RollerBench(0.3, 1.0, 4.0))->forces($this->unit, 30.0);

        return match (true) {
            $forces['FL']->freeNewtons > 50.0 => 'drags',
            $forces['FL']->heldNewtons < 50.0 => 'nothing',
            $forces['FL']->imbalance($forces['FR']) > 0.3 => 'weak',
            $forces['FL']->lateShare() > 0.1 => 'late',
            default => 'equal',
        };
    }

    private function valve(): string
    {
        return isset($this->wiring->coils['FL.valve']) ? 'FL.valve' : 'FL.outlet';
    }

    private function isHeld(LiftOutcome $outcome): bool
    {
        return $outcome->wheels['FL'] === ByHand::Held;
    }

    private function pressed(): LiftOutcome
    {
        return $this->lift->commanded(BrakeState::atRest($this->unit), self::FOOT_NEWTONS, new UnitOrder(true), self::electrical(), 2.0);
    }

    private function reduced(string ...$channels): LiftOutcome
    {
        return $this->driven(array_values($channels), Modulation::Reduce, $this->pressed()->state);
    }

    /** @param  list<string>  $channels */
    private function driven(array $channels, Modulation $modulation, BrakeState $from): LiftOutcome
    {
        return $this->lift->commanded($from, self::FOOT_NEWTONS, UnitOrder::valves($this->positions($channels, $modulation)), self::electrical(), 0.5);
    }

    private function currents(string ...$channels): UnitCircuit
    {
        return UnitCircuit::of($this->wiring, self::electrical(), UnitOrder::valves($this->positions(array_values($channels), Modulation::Reduce)), 20.0);
    }

    /**
     * @param  list<string>  $channels
     * @return array<string, int>
     */
    private function positions(array $channels, Modulation $modulation): array
    {
        return array_merge([], ...array_map(fn (string $channel): array => $this->wiring->driven($channel, $modulation), $channels));
    }

    private static function electrical(): ElectricalState
    {
        return new ElectricalState(true, 12.5, [], new Temperatures(20.0));
    }
}
