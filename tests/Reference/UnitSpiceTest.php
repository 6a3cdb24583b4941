<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Circuit\UnitCircuit;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Vehicle\Brakes\RelayState;
use Lernfall\Vehicle\Brakes\UnitWiring;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Tests\Support\SampleWiring;

/**
 * Currents and voltages of the hydraulic unit against the circuit simulator ngspice. The circuits in unit-circuits/ were drawn by hand; their
 * first lines say which unit, what is wrong with it, what is driven and what is read.
 */
final class UnitSpiceTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function circuits(): array
    {
        $files = glob(__DIR__.'/unit-circuits/*.cir') ?: [];

        return array_combine(array_map(static fn (string $file): string => basename($file, '.cir'), $files), array_map(static fn (string $file): array => [$file], $files));
    }

    #[DataProvider('circuits')]
    public function test_the_unit_draws_what_the_circuit_simulator_computes(string $file): void
    {
        exec('ngspice -b '.escapeshellarg($file).' 2>/dev/null', $lines);
        preg_match('~^reading = (\S+)~m', implode("\n", $lines), $found);
        $expected = (float) ($found[1] ?? throw new RuntimeException("ngspice gives no reading for $file"));

        $circuit = (string) file_get_contents($file);
        $wiring = $this->line($circuit, 'unit') === 'separate' ? SampleWiring::separate() : SampleWiring::threePositions();
        $solved = SampleWiring::solved($this->wrong($wiring, explode(' ', $this->line($circuit, 'wrong'))), $this->order($this->line($circuit, 'order')));

        self::assertEqualsWithDelta($expected, $this->read($solved, explode(' ', $this->line($circuit, 'read'))), abs($expected) * 1e-4);
    }

    /** @param  list<string>  $words */
    private function wrong(UnitWiring $wiring, array $words): UnitWiring
    {
        return match ($words[0]) {
            'nothing' => $wiring,
            'valve-relay' => $wiring->withFeeds(valves: $wiring->valves->withRelay(RelayState::Works, (float) $words[1])),
            'pump-relay' => $wiring->withFeeds(pump: $wiring->pump->withRelay(RelayState::Works, (float) $words[1])),
            'ground' => $wiring->withRust((float) $words[1]),
            'coil' => $wiring->withCoil($words[1], $wiring->coils[$words[1]]->withOhms((float) $words[2])),
            default => throw new RuntimeException("unknown fault '$words[0]'"),
        };
    }

    private function order(string $line): UnitOrder
    {
        preg_match_all('~(\S+)=(\d)~', $line, $driven, PREG_SET_ORDER);
        $positions = array_map(intval(...), array_column($driven, 2, 1));

        return new UnitOrder($positions !== [], $positions, str_contains($line, 'pump'));
    }

    /** @param  list<string>  $words */
    private function read(UnitCircuit $solved, array $words): float
    {
        return match ($words[0]) {
            'amperes' => $solved->amperes($words[1]),
            'motor' => $solved->motorVolts(),
            default => $solved->volts($words[1], $words[2] === 'body' ? 'ground' : $words[2]),
        };
    }

    private function line(string $circuit, string $name): string
    {
        return preg_match("~^\* $name: (.+)$~m", $circuit, $found) === 1 ? $found[1] : throw new RuntimeException("no line '$name'");
    }
}
