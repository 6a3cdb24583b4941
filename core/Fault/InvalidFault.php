<?php

declare(strict_types=1);

namespace Lernfall\Fault;

use InvalidArgumentException;
use Lernfall\LernfallException;
use Lernfall\Vehicle\Channel;

/** A fault that this vehicle cannot have. The field says which entry of it is wrong; the message is a key with parameters. */
final class InvalidFault extends InvalidArgumentException implements LernfallException
{
    /** @param  array<string, string|int|float>  $parameters */
    private function __construct(public readonly string $field, public readonly string $messageKey, public readonly array $parameters)
    {
        parent::__construct("$field: $messageKey");
    }

    public static function unknownKind(string $kind): self
    {
        return new self('kind', 'invalid-fault.unknown-kind', ['kind' => $kind]);
    }

    /** @param  list<string>  $known */
    public static function unknownChannel(string $channel, array $known): self
    {
        return new self('channel', 'invalid-fault.unknown-channel', ['channel' => $channel, 'known' => implode(', ', $known)]);
    }

    public static function doesNotFit(string $kind, Channel $channel): self
    {
        return new self('kind', 'invalid-fault.does-not-fit-'.($channel->wheelEnd->ring->isEncoder ? 'poles' : 'teeth'), [
            'kind' => $kind, 'channel' => $channel->id, 'technology' => $channel->sensor->technology(),
        ]);
    }

    /** @param  list<string>  $conductors */
    public static function needsConductor(string $kind, array $conductors): self
    {
        return new self('conductor', 'invalid-fault.needs-conductor', ['kind' => $kind, 'conductors' => implode(', ', $conductors)]);
    }

    public static function notOnThisCar(string $kindId, string $car): self
    {
        return new self('kind', 'invalid-fault.not-on-this-car', ['kind' => $kindId, 'car' => $car]);
    }

    public static function outOfRange(string $kind, float $least, float $greatest, string $unit): self
    {
        return new self('strength', 'invalid-fault.out-of-range', ['kind' => $kind, 'least' => $least, 'greatest' => $greatest, 'unit' => $unit]);
    }
}
