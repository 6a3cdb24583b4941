<?php

declare(strict_types=1);

namespace Lernfall\Bay\Lift;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Chance\NearLimit;
use Lernfall\Document\Node;
use Lernfall\Hydraulics\ByHand;
use Lernfall\Quantity;

/** The helper at the pedal, how long the tool commands, and the hand that tries the wheel. */
final readonly class OnTheLift implements Equipment
{
    /**
     * @param  float  $pressSeconds  the pedal is down before the tool commands
     * @param  float  $dragsFromNewtonMetres  a hand feels this at the wheel
     * @param  float  $heldFromNewtonMetres  a hand does not turn it any more
     * @param  float  $handSpread  by which one hand differs from another, as a share of these
     * @param  float  $valveStrain  of what coils and pump bear, the share a valve driven once takes
     * @param  float  $pumpStrain  the share the pump run once takes
     */
    public function __construct(public float $footNewtons, public float $pressSeconds, public float $commandSeconds, public float $dragsFromNewtonMetres, public float $heldFromNewtonMetres, public float $handSpread, public float $valveStrain, public float $pumpStrain)
    {
        Quantity::positive(['handSpread' => $handSpread]);
        Quantity::notNegative(['valveStrain' => $valveStrain, 'pumpStrain' => $pumpStrain]);
    }

    /** How a wheel turns by hand that is braked with this. */
    public function byHand(float $newtonMetres): ByHand
    {
        return ByHand::of($newtonMetres, $this->dragsFromNewtonMetres, $this->heldFromNewtonMetres);
    }

    /**
     * How a wheel is taken to turn that is braked with this.
     *
     * @return array<value-of<ByHand>, float> chance of each
     */
    public function taken(float $newtonMetres): array
    {
        $drags = NearLimit::above($newtonMetres, $this->dragsFromNewtonMetres, $this->handSpread);
        $held = NearLimit::above($newtonMetres, $this->heldFromNewtonMetres, $this->handSpread);

        return [ByHand::Free->value => 1.0 - $drags, ByHand::Dragging->value => max(0.0, $drags - $held), ByHand::Held->value => $held];
    }

    public static function read(Node $workshop): static
    {
        $lift = $workshop->at('lift');

        return new self(
            $lift->float('footNewtons'), $lift->float('pressSeconds'), $lift->float('commandSeconds'), $lift->float('dragsFromNewtonMetres'), $lift->float('heldFromNewtonMetres'),
            $lift->float('handSpread'), $lift->float('valveStrain'), $lift->float('pumpStrain'),
        );
    }
}
