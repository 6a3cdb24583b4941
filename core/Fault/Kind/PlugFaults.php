<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Closure;
use Lernfall\Fault\FaultKind;
use Lernfall\Fault\FaultScope;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Contact;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/** Faults of the plugs at both ends of the loom. */
final readonly class PlugFaults
{
    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            new FaultKind('plug-corroded', 'sensor-plug', 'corroded', 'ohms', true, self::at('sensor-plug', self::corroded(...))),
            new FaultKind('plug-pin-back', 'sensor-plug', 'pin-back', 'none', true, self::at('sensor-plug', self::open(...))),
            new FaultKind('plug-pins-swapped', 'sensor-plug', 'pins-swapped', 'none', false, static fn (Channel $channel): Channel => $channel->withLink(
                $channel->plug('sensor-plug')->crossed(),
            )),
            new FaultKind('plug-unlatched', 'sensor-plug', 'not-latched', 'none', false, static fn (Channel $channel): Channel => $channel->withLink(
                $channel->plug('sensor-plug')->slipped(),
            ), Provocation::Vibration),
            new FaultKind('body-plug-corroded', 'extension', 'corroded', 'ohms', true, self::at('body-plug', self::corroded(...)), scope: new FaultScope(where: static fn (Channel $channel): bool => $channel->has('body-plug'))),
            new FaultKind('module-plug-corroded', 'module-plug', 'corroded', 'ohms', true, self::at('module-plug', self::corroded(...))),
            self::inputsCrossed('module-inputs-crossed', static fn (Vehicle $vehicle, string $channel): ?Channel => $vehicle->opposite($channel), static fn (Channel $channel): bool => $channel->place->side === 'left' && $channel->place->wheels !== []),
            self::inputsCrossed('module-inputs-crossed-along', static fn (Vehicle $vehicle, string $channel): ?Channel => $vehicle->behind($channel), static fn (Channel $channel): bool => $channel->place->axle === 'front' && $channel->place->wheels !== []),
            new FaultKind('module-plug-pin-back', 'module-plug', 'pin-back', 'none', true, self::at('module-plug', self::open(...))),
        ];
    }

    /**
     * @param  Closure(Plug, string, float): Plug  $change
     * @return Closure(Channel, string, float): Channel
     */
    private static function at(string $plug, Closure $change): Closure
    {
        return static fn (Channel $channel, string $conductor, float $strength): Channel => $channel->withLink($change($channel->plug($plug), $conductor, $strength));
    }

    /**
     * @param  Closure(Vehicle, string): ?Channel  $other  the channel whose input the wires sit at
     * @param  Closure(Channel): bool  $where
     */
    private static function inputsCrossed(string $id, Closure $other, Closure $where): FaultKind
    {
        return new FaultKind(
            $id, 'module-plug', 'channels-crossed', 'none', false, static fn (Channel $channel): Channel => $channel,
            carChange: static fn (Vehicle $vehicle, string $channel): Vehicle => self::atEachOthersInput($vehicle, $channel, $other($vehicle, $channel)->id ?? $channel),
            scope: new FaultScope(
                where: static fn (Channel $channel): bool => $channel->has('module-plug') && $where($channel),
                hasIt: static fn (Vehicle $vehicle): bool => $vehicle->module->talksToScanTools() && array_filter($vehicle->channelIds(), static fn (string $id): bool => $other($vehicle, $id) !== null) !== [],
            ),
        );
    }

    private static function atEachOthersInput(Vehicle $vehicle, string $one, string $other): Vehicle
    {
        foreach ([$one => $other, $other => $one] as $channel => $input) {
            $vehicle = $vehicle->withChannel($vehicle->channel($channel)->withLink($vehicle->channel($channel)->plug('module-plug')->atInput($input)));
        }

        return $vehicle;
    }

    private static function corroded(Plug $plug, string $conductor, float $ohms): Plug
    {
        return $plug->withContact($conductor, new Contact($plug->contacts[$conductor]->ohms + $ohms, corroded: true));
    }

    private static function open(Plug $plug, string $conductor): Plug
    {
        return $plug->withContact($conductor, new Contact($plug->contacts[$conductor]->ohms, touches: false));
    }
}
