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

    /** And for the hydraulic unit as a whole. */
    public const UNIT = 'unit';

    public function __construct(private BrakeParts $parts, private CodeDialect $dialect)
    {
    }

    /**
     * What is found as the key is turned on: of the unit, and of what arrives at the module.
     *
     * @param  array<string, array{Failure, bool}>  $unit  what the check of the unit has found, by part
     * @return array<string, array{Failure, bool}> failure and whether it is found, by part
     */
    public function atKeyOn(float $moduleVolts, float $lowVolts, array $unit): array
    {
        return $this->told($unit + [self::UNIT => [Failure::NotCoded, $this->parts->unit !== null && ! $this->parts->unit->isCoded], self::SUPPLY => [Failure::LowVolts, $moduleVolts < $lowVolts]]);
    }

    /**
     * The pump is run once on pulling away, whichever of pump, relay and wires keeps it from turning; a brake pedal that seems
     * pressed all the way is not believed.
     *
     * @param  ?array{Failure, bool}  $pump  what the check of the unit has found of it; null where there is none
     * @return array<string, array{Failure, bool}>
     */
    public function onTheRoad(?array $pump): array
    {
        return $this->told([
            ...($pump === null ? [] : [BrakeParts::PUMP => $pump]),
            BrakeParts::STOP_LAMP_SWITCH => [Failure::Stuck, $this->parts->state(BrakeParts::STOP_LAMP_SWITCH) === PartState::Closed],
        ]);
    }

    /** @return list<string> the parts for which the module has a code */
    public function subjects(): array
    {
        return array_keys($this->told([
            ...array_fill_keys($this->parts->ids(), [Failure::Open, false]),
            self::SUPPLY => [Failure::LowVolts, false],
            ...($this->parts->unit === null ? [] : [self::UNIT => [Failure::NotCoded, false]]),
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
            fn (array $check, string $part): bool => (in_array($part, [self::SUPPLY, self::UNIT], true) || $this->parts->has($part)) && $this->dialect->code($part, $check[0]->value) !== '',
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
