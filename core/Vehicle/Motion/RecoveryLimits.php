<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Motion;

use Lernfall\Quantity;

/** By what a module tells that a wheel recovers whose pressure it has let go, and what that says of the road. */
final readonly class RecoveryLimits
{
    /**
     * @param  float  $endsMetresPerSecondSquared  a wheel that slows by less, above zero, may be recovering
     * @param  float  $risesMetresPerSecondSquared  one that gathers speed by more does
     * @param  float  $settledMetresPerSecondSquared  one that gathers speed by less has stopped recovering
     * @param  float  $strongMetresPerSecondSquared  one that gathers speed by more has grip
     * @param  float  $recoveredShare  of the slip it may have that is left as a wheel with grip counts as recovered
     * @param  float  $againSeconds  of holding after which a wheel that does not recover is let go further
     * @param  float  $lowAfterSeconds  of a cycle, from letting go to recovered, from which a road is slippery
     * @param  float  $suspectAfterSeconds  of a cycle that has not ended from which it is taken for slippery meanwhile
     */
    public function __construct(
        public float $endsMetresPerSecondSquared = 22.0,
        public float $risesMetresPerSecondSquared = 5.0,
        public float $settledMetresPerSecondSquared = 2.0,
        public float $strongMetresPerSecondSquared = 30.0,
        public float $recoveredShare = 0.45,
        public float $againSeconds = 0.024,
        public float $lowAfterSeconds = 0.14,
        public float $suspectAfterSeconds = 0.08,
    ) {
        Quantity::positive([
            'endsMetresPerSecondSquared' => $endsMetresPerSecondSquared, 'risesMetresPerSecondSquared' => $risesMetresPerSecondSquared, 'settledMetresPerSecondSquared' => $settledMetresPerSecondSquared,
            'strongMetresPerSecondSquared' => $strongMetresPerSecondSquared, 'againSeconds' => $againSeconds, 'lowAfterSeconds' => $lowAfterSeconds, 'suspectAfterSeconds' => $suspectAfterSeconds,
        ]);
        Quantity::within('recoveredShare', $recoveredShare, 0.0, 1.0);
    }
}
