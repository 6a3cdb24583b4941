<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Circuit\Excitation;
use Lernfall\Circuit\LiveCircuit;

/** Writes one of our networks as a circuit file for ngspice. */
final readonly class SpiceExport
{
    public static function of(LiveCircuit $circuit, string $first, string $second): string
    {
        $netlist = $circuit->netlist;
        $lines = ['an exported network', '.option gmin=1e-15 rshunt=1e12 reltol=1e-9 abstol=1e-16 vntol=1e-10'];
        foreach ($netlist->conductances as $number => [$a, $b, $siemens]) {
            $lines[] = sprintf('R%d %s %s %.12g', $number, self::node($a), self::node($b), 1.0 / $siemens);
        }
        foreach ($netlist->currents[Excitation::DC] ?? [] as $number => [$outOf, $into, $amperes]) {
            $lines[] = sprintf('I%d %s %s DC %.12g', $number, self::node($outOf), self::node($into), $amperes);
        }
        foreach ($circuit->devices as $number => $device) {
            $law = $device->law;
            if ($law->isNone()) {
                continue;
            }
            $volts = sprintf('v(%s,%s)', self::named($netlist->nodes, $device->plus), self::named($netlist->nodes, $device->minus));
            $lines[] = sprintf(
                'B%d %s %s I=%.12g*max(0,min(1,(%s-%g)/%g))%s',
                $number, self::named($netlist->nodes, $device->plus), self::named($netlist->nodes, $device->minus), $law->levelAmperes,
                $volts, $law->wakesAtVolts, $law->fullAtVolts - $law->wakesAtVolts,
                is_infinite($law->backwardsVolts) ? '' : sprintf('+min(0,(%s+%g)/%g)', $volts, $law->backwardsVolts, $law->backwardsOhms),
            );
        }
        $reading = implode('-', array_map(
            static fn (string $node): string => $node === 'ground' ? '0' : 'v('.self::named($netlist->nodes, $node).')',
            [$first, $second],
        ));

        return implode("\n", [...$lines, '.control', 'op', "let reading = $reading", 'print reading', '.endc', '.end', '']);
    }

    private static function node(int $index): string
    {
        return $index < 0 ? '0' : "n$index";
    }

    /** @param  array<string, int>  $nodes */
    private static function named(array $nodes, string $name): string
    {
        return self::node($nodes[$name]);
    }
}
