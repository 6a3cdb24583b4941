<?php

declare(strict_types=1);

namespace Lernfall\Bay\Clamp;

use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;
use Lernfall\Quantity;

/** The current clamp on the bench: it feels the field round a wire, and a little of the one that is there anyway. */
final readonly class CurrentClamp implements Equipment
{
    /** What its switch is marked with. */
    public const RANGES_AMPERES = [2, 40];

    /**
     * @param  float  $accuracy  its stated limit, relative to the reading
     * @param  float  $noiseDigits  standard deviation of one repetition, in digits
     * @param  non-empty-list<array{float, float, float}>  $ranges  full scale, one digit, and one standard deviation of a zero that nobody has set, all in amperes
     */
    private function __construct(private float $accuracy, private float $noiseDigits, private array $ranges)
    {
        Quantity::notNegative(['accuracy' => $accuracy, 'noiseDigits' => $noiseDigits]);
        foreach ($ranges as [$fullScale, $digit, $drift]) {
            Quantity::positive(['fullScaleAmperes' => $fullScale, 'digitAmperes' => $digit]);
            Quantity::notNegative(['driftAmperes' => $drift]);
        }
    }

    public static function read(Node $workshop): static
    {
        $clamp = $workshop->at('clamp');
        $figures = $clamp->at('ranges');
        $ranges = array_map(static function (int $fullScale) use ($figures): array {
            $range = $figures->at((string) $fullScale);

            return [(float) $fullScale, $range->float('digitAmperes'), $range->float('driftAmperes')];
        }, self::RANGES_AMPERES);

        return new self($clamp->float('accuracy'), $clamp->float('noiseDigits'), $ranges);
    }

    public function hasRange(float $fullScale): bool
    {
        return in_array($fullScale, array_column($this->ranges, 0), true);
    }

    /** One standard deviation of its scale: half the stated limit. */
    public function scaleSpread(): float
    {
        return $this->accuracy / 2.0;
    }

    /** One standard deviation of its zero. */
    public function driftAmperes(ClampCurrent $action): float
    {
        return $action->zeroed ? 0.0 : $this->range($action)[2];
    }

    public function digitAmperes(ClampCurrent $action): float
    {
        return $this->range($action)[1];
    }

    public function noiseAmperes(ClampCurrent $action): float
    {
        return $this->noiseDigits * $this->digitAmperes($action);
    }

    /** @return array{float, float, float} */
    private function range(ClampCurrent $action): array
    {
        foreach ($this->ranges as $range) {
            if ($range[0] === $action->fullScale) {
                return $range;
            }
        }
        throw UnfitAction::unknown('fullScale', (string) $action->fullScale);
    }
}
