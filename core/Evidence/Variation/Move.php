<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Variation;

use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/** Takes faults from their corners to others of the same car: to the other side, to the other axle, to both. */
final readonly class Move
{
    /** @param  array<string, string>  $to  channel by channel; one that is not named stays */
    public function __construct(private array $to = [])
    {
    }

    public function to(string $channel): string
    {
        return $this->to[$channel] ?? $channel;
    }

    /**
     * @param  list<Fault>  $faults
     * @return non-empty-list<self> that leave every fault at a place that can have it; first the one that moves nothing
     */
    public static function on(Vehicle $sound, array $faults): array
    {
        $moves = [new self];
        foreach ([[true, false], [false, true], [true, true]] as [$side, $axle]) {
            $move = new self(self::map($sound, $side, $axle));
            $isMoved = array_filter($faults, static fn (Fault $fault): bool => $move->to($fault->channel) !== $fault->channel) !== [];
            $fits = array_filter($faults, static fn (Fault $fault): bool => ! in_array($move->to($fault->channel), $fault->kind->places($sound), true)) === [];
            if ($isMoved && $fits) {
                $moves[] = $move;
            }
        }

        return $moves;
    }

    /** @return array<string, string> */
    private static function map(Vehicle $sound, bool $side, bool $axle): array
    {
        $map = [];
        foreach ($sound->channels as $from) {
            foreach ($sound->channels as $to) {
                if (($from->place->side !== $to->place->side) === $side && ($from->place->axle !== $to->place->axle) === $axle && self::areAlike($from, $to)) {
                    $map[$from->id] ??= $to->id;
                }
            }
        }

        return $map;
    }

    /** What watches a shaft stays where it is. */
    private static function areAlike(Channel $one, Channel $other): bool
    {
        return ($one->place->side === '') === ($other->place->side === '') && ($one->place->wheels === []) === ($other->place->wheels === []);
    }
}
