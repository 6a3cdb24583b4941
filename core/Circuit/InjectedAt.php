<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** Where the two leads of a generator's sine go: across the pair, or from one pin to the body, the other lead earthed. */
enum InjectedAt: string
{
    case Pair = 'pair';
    case First = 'first';
    case Second = 'second';

    /**
     * @param  list<string>  $pins  of the loom's side of the plug
     * @return array{string, string} nodes
     */
    public function nodes(array $pins): array
    {
        return match ($this) {
            self::Pair => [$pins[0], $pins[1]],
            self::First => [$pins[0], Netlist::GROUND],
            self::Second => [$pins[1], Netlist::GROUND],
        };
    }
}
