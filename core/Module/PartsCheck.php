<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\CodeDialect;
use Lernfall\Vehicle\PartState;

/** What the module finds of its own supply, valves, pump, relays and switches, where it has a code for them. */
final readonly class PartsCheck
{
    /** Stands among the parts for what feeds the module itself. */
    public const SUPPLY = 'supply';

    public function __construct(private BrakeParts $parts, private CodeDialect $dialect)
    {
    }

    /**
     * Windings and relay are measured as the key is turned on, and what arrives at the module.
     *
     * @return array<string, array{Failure, bool}> failure and whether it is found, by part
     */
    public function atKeyOn(float $moduleVolts, float $lowVolts): array
    {
        $checks = [];
        $relayOpen = $this->parts->state(BrakeParts::VALVE_RELAY) === PartState::Open;
        foreach ($this->parts->ids() as $part) {
            if (str_starts_with($part, 'valves.')) {
                $checks[$part] = [Failure::Open, ! $relayOpen && $this->parts->state($part) === PartState::Open];
            }
        }

        return $this->told($checks + [BrakeParts::VALVE_RELAY => [Failure::Open, $relayOpen], self::SUPPLY => [Failure::LowVolts, $moduleVolts < $lowVolts]]);
    }

    /**
     * The pump is run once on pulling away, whichever of pump and relay keeps it from turning; a brake pedal that seems
     * pressed all the way is not believed.
     *
     * @return array<string, array{Failure, bool}>
     */
    public function onTheRoad(): array
    {
        return $this->told([
            BrakeParts::PUMP => [Failure::Open, ! $this->parts->isSound(BrakeParts::PUMP, BrakeParts::PUMP_RELAY)],
            BrakeParts::STOP_LAMP_SWITCH => [Failure::Stuck, $this->parts->state(BrakeParts::STOP_LAMP_SWITCH) === PartState::Closed],
        ]);
    }

    /** @return list<string> the parts for which the module has a code */
    public function subjects(): array
    {
        return array_keys($this->told([
            ...array_fill_keys($this->parts->ids(), [Failure::Open, false]),
            self::SUPPLY => [Failure::LowVolts, false],
        ]));
    }

    /**
     * @param  array<string, array{Failure, bool}>  $checks
     * @return array<string, array{Failure, bool}>
     */
    private function told(array $checks): array
    {
        return array_filter(
            $checks,
            fn (array $check, string $part): bool => ($part === self::SUPPLY || $this->parts->has($part)) && $this->dialect->code($part, $check[0]->value) !== '',
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
