<?php

declare(strict_types=1);

namespace Lernfall\Calibration;

use Lernfall\Chance\Draw;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\Fault;

/** What is wrong with a car drawn as commonly as it is taken to be: sound cars and old codes among them, strengths off the grid of the hypotheses. */
final readonly class PriorCases
{
    /** A strength lies up to this factor above or below the concrete one it was drawn by. */
    private const OFF = 1.6;

    private Draw $draw;

    public function __construct(private Hypotheses $hypotheses, private Catalogue $catalogue, string $seed)
    {
        $this->draw = new Draw($seed);
    }

    /** @return list<Fault> none for a sound car */
    public function faults(int $number): array
    {
        $left = $this->draw->uniform("suspect $number") * array_sum(array_map(static fn ($hypothesis): float => $hypothesis->prior, $this->hypotheses->all));
        $drawn = $this->hypotheses->all[0];
        foreach ($this->hypotheses->all as $hypothesis) {
            $drawn = $hypothesis;
            $left -= $hypothesis->prior;
            if ($left <= 0.0) {
                break;
            }
        }

        return array_map(fn (Fault $fault): Fault => new Fault($fault->kind, $fault->channel, $fault->conductor, $this->strength($fault, $number), $fault->provokedBy), $drawn->faults);
    }

    private function strength(Fault $fault, int $number): float
    {
        $entry = $this->catalogue->entry($fault->kind->id);
        if (count(array_unique($entry->strengths)) < 2 || $fault->kind->unit === 'teeth') {
            return $fault->strength;
        }
        $strength = $fault->strength * self::OFF ** (2.0 * $this->draw->uniform("strength $number {$fault->kind->id}") - 1.0);

        return max($entry->least, min($entry->greatest, $strength));
    }
}
