<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/**
 * Nodal analysis: G · v = i, with a symmetric conductance matrix factored once as L · D · Lᵀ for all excitations.
 *
 * Only what is not zero is kept: a wiring harness is a set of chains, where elimination adds next to nothing.
 * Every node gets a conductance of 10⁻¹² S to ground, so that parts which hang in the air have a solution; that is
 * ten thousand times less than the best meter draws.
 */
final readonly class NodalAnalysis
{
    private const FLOATING_SIEMENS = 1e-12;

    public static function solve(Netlist $netlist): Solution
    {
        [$diagonal, $upper] = self::factor(...self::matrix($netlist));
        $voltages = [];
        foreach ($netlist->currents as $excitation => $currents) {
            $voltages[$excitation] = self::substitute($diagonal, $upper, self::injection($currents, count($diagonal)));
        }

        return new Solution($netlist->nodes, $voltages);
    }

    /** @return array{array<int, float>, array<int, array<int, float>>} the diagonal, and what lies right of it by row and column */
    private static function matrix(Netlist $netlist): array
    {
        $size = count($netlist->nodes);
        $diagonal = array_fill(0, $size, self::FLOATING_SIEMENS);
        $upper = array_fill(0, $size, []);
        foreach ($netlist->conductances as [$a, $b, $siemens]) {
            if ($a >= 0) {
                $diagonal[$a] += $siemens;
            }
            if ($b >= 0) {
                $diagonal[$b] += $siemens;
            }
            if ($a >= 0 && $b >= 0) {
                [$row, $column] = $a < $b ? [$a, $b] : [$b, $a];
                $upper[$row][$column] = ($upper[$row][$column] ?? 0.0) - $siemens;
            }
        }

        return [$diagonal, $upper];
    }

    /**
     * Rounding can make the last pivot of a floating part vanish, so it is held at the floating conductance.
     *
     * @param  array<int, float>  $diagonal
     * @param  array<int, array<int, float>>  $upper
     * @return array{array<int, float>, array<int, array<int, float>>} D, and Lᵀ above its diagonal of ones
     */
    private static function factor(array $diagonal, array $upper): array
    {
        foreach (array_keys($diagonal) as $pivot) {
            $diagonal[$pivot] = max($diagonal[$pivot], self::FLOATING_SIEMENS);
            $row = $upper[$pivot];
            foreach ($row as $one => $value) {
                $factor = $value / $diagonal[$pivot];
                $diagonal[$one] -= $factor * $value;
                foreach ($row as $other => $beside) {
                    if ($other > $one) {
                        $upper[$one][$other] = ($upper[$one][$other] ?? 0.0) - $factor * $beside;
                    }
                }
                $upper[$pivot][$one] = $factor;
            }
        }

        return [$diagonal, $upper];
    }

    /**
     * @param  list<array{int, int, float}>  $currents
     * @return array<int, float>
     */
    private static function injection(array $currents, int $size): array
    {
        $vector = array_fill(0, $size, 0.0);
        foreach ($currents as [$outOf, $into, $amperes]) {
            if ($outOf >= 0) {
                $vector[$outOf] -= $amperes;
            }
            if ($into >= 0) {
                $vector[$into] += $amperes;
            }
        }

        return $vector;
    }

    /**
     * @param  array<int, float>  $diagonal
     * @param  array<int, array<int, float>>  $upper
     * @param  array<int, float>  $vector
     * @return array<int, float> node voltages
     */
    private static function substitute(array $diagonal, array $upper, array $vector): array
    {
        $size = count($diagonal);
        for ($node = 0; $node < $size; $node++) {
            foreach ($upper[$node] as $later => $factor) {
                $vector[$later] -= $factor * $vector[$node];
            }
        }
        for ($node = $size - 1; $node >= 0; $node--) {
            $vector[$node] /= $diagonal[$node];
            foreach ($upper[$node] as $later => $factor) {
                $vector[$node] -= $factor * $vector[$later];
            }
        }

        return $vector;
    }
}
