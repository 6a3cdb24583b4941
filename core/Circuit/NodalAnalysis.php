<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/**
 * Nodal analysis: G · v = i, with a symmetric conductance matrix, solved by Cholesky's method once for all excitations.
 *
 * Every node gets a conductance of 10⁻¹² S to ground, so that parts which hang in the air have a solution; that is
 * ten thousand times less than the best meter draws.
 */
final readonly class NodalAnalysis
{
    private const FLOATING_SIEMENS = 1e-12;

    public static function solve(Netlist $netlist): Solution
    {
        $size = count($netlist->nodes);
        $factor = self::factor(self::matrix($netlist, $size), $size);
        $voltages = [];
        foreach ($netlist->currents as $excitation => $currents) {
            $voltages[$excitation] = self::substitute($factor, self::injection($currents, $size), $size);
        }

        return new Solution($netlist->nodes, $voltages);
    }

    /** @return array<int, array<int, float>> */
    private static function matrix(Netlist $netlist, int $size): array
    {
        $matrix = array_fill(0, $size, array_fill(0, $size, 0.0));
        for ($node = 0; $node < $size; $node++) {
            $matrix[$node][$node] = self::FLOATING_SIEMENS;
        }
        foreach ($netlist->conductances as [$a, $b, $siemens]) {
            if ($a >= 0) {
                $matrix[$a][$a] += $siemens;
            }
            if ($b >= 0) {
                $matrix[$b][$b] += $siemens;
            }
            if ($a >= 0 && $b >= 0) {
                $matrix[$a][$b] -= $siemens;
                $matrix[$b][$a] -= $siemens;
            }
        }

        return $matrix;
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
     * The lower triangle L with L · Lᵀ = G. Rounding can make the last pivot of a floating part vanish, so it is
     * held at the floating conductance.
     *
     * @param  array<int, array<int, float>>  $matrix
     * @return array<int, array<int, float>>
     */
    private static function factor(array $matrix, int $size): array
    {
        for ($column = 0; $column < $size; $column++) {
            $pivot = $matrix[$column][$column];
            for ($k = 0; $k < $column; $k++) {
                $pivot -= $matrix[$column][$k] ** 2;
            }
            $root = sqrt(max($pivot, self::FLOATING_SIEMENS));
            $matrix[$column][$column] = $root;
            for ($row = $column + 1; $row < $size; $row++) {
                $sum = $matrix[$row][$column];
                for ($k = 0; $k < $column; $k++) {
                    $sum -= $matrix[$row][$k] * $matrix[$column][$k];
                }
                $matrix[$row][$column] = $sum / $root;
            }
        }

        return $matrix;
    }

    /**
     * @param  array<int, array<int, float>>  $factor
     * @param  array<int, float>  $vector
     * @return array<int, float>
     */
    private static function substitute(array $factor, array $vector, int $size): array
    {
        for ($row = 0; $row < $size; $row++) {
            for ($k = 0; $k < $row; $k++) {
                $vector[$row] -= $factor[$row][$k] * $vector[$k];
            }
            $vector[$row] /= $factor[$row][$row];
        }
        for ($row = $size - 1; $row >= 0; $row--) {
            for ($k = $row + 1; $k < $size; $k++) {
                $vector[$row] -= $factor[$k][$row] * $vector[$k];
            }
            $vector[$row] /= $factor[$row][$row];
        }

        return $vector;
    }
}
