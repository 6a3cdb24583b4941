<?php

declare(strict_types=1);

namespace Lernfall\Fault;

use InvalidArgumentException;
use Lernfall\LernfallException;
use Lernfall\Vehicle\Channel;

/** A fault that this vehicle cannot have. The field says which entry of it is wrong. */
final class InvalidFault extends InvalidArgumentException implements LernfallException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function unknownKind(string $kind): self
    {
        return new self('kind', "no fault of the kind '$kind' is known");
    }

    /** @param  list<string>  $known */
    public static function unknownChannel(string $channel, array $known): self
    {
        return new self('channel', "this vehicle has no channel '$channel', only ".implode(', ', $known));
    }

    public static function doesNotFit(string $kind, Channel $channel): self
    {
        $ring = $channel->wheelEnd->ring->isEncoder ? 'magnet poles' : 'teeth';

        return new self('kind', "'$kind' cannot be at $channel->id, where a sensor of the kind '{$channel->sensor->technology()}' looks at $ring");
    }

    /** @param  list<string>  $conductors */
    public static function needsConductor(string $kind, array $conductors): self
    {
        return new self('conductor', "'$kind' sits on one conductor: ".implode(' or ', $conductors));
    }

    public static function notOnThisCar(string $kindId, string $car): self
    {
        return new self('kind', "$kindId cannot be set on the $car, which does not have the part");
    }

    public static function outOfRange(string $kind, float $least, float $greatest, string $unit): self
    {
        return new self('strength', "the strength of '$kind' lies between $least and $greatest ($unit)");
    }
}
