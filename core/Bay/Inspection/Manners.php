<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;

/** How much of what a close look notices is noticed otherwise. Common practice that it is less, the shares are assumptions. */
final readonly class Manners implements Equipment
{
    public function __construct(private float $inPassing, private float $fromBehind)
    {
    }

    public static function read(Node $workshop): static
    {
        $eyes = $workshop->at('eyes');

        return new self($eyes->float('inPassing'), $eyes->float('fromBehind'));
    }

    public function share(Manner $manner): float
    {
        return match ($manner) {
            Manner::Closely => 1.0,
            Manner::InPassing => $this->inPassing,
            Manner::FromBehind => $this->fromBehind,
        };
    }
}
