<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Variation;

use Lernfall\Evidence\Solving\Par;

/** How near a variant has to come to the case it was made from, and how many are looked for. */
final readonly class VariationLimits
{
    /**
     * @param  float  $parShare  by which the par of another place or strength may differ
     * @param  float  $otherParShare  likewise of another fault
     * @param  float  $strengthFactor  by which a strength is drawn up or down at most
     * @param  int  $wanted  variants for one assignment
     * @param  int  $mostTried  before it is left at what was found
     */
    public function __construct(public float $parShare, public float $otherParShare, public float $strengthFactor, public int $wanted, public int $mostTried)
    {
    }

    /** By how much of its own the par of a variant may differ. */
    public function share(Variation $variation): float
    {
        return $variation === Variation::OtherFaults ? $this->otherParShare : $this->parShare;
    }

    /** What speaks against a variant: "unsolvable", "par" or "tests"; null where nothing does. */
    public function objection(Variation $variation, Par $own, ?Par $par): ?string
    {
        return match (true) {
            $par === null => 'unsolvable',
            abs($par->minutes / $own->minutes - 1.0) > $this->share($variation) => 'par',
            $variation === Variation::SameKind && $par->tests !== $own->tests => 'tests',
            default => null,
        };
    }
}
