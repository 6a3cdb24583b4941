<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\InputVoltages;
use Lernfall\Circuit\ModuleInput;
use Lernfall\Module\Failure;
use Lernfall\Module\KeyOnCheck;
use Lernfall\Module\Listening;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/** What the module finds of its channels' circuits: as the key is turned on, and while it watches them. */
final readonly class CircuitCheck
{
    /**
     * @param  ElectricalState  $state  of the car meanwhile
     * @return array<string, array{Failure, float}> failure and chance, by an event that names what decides it
     */
    public static function of(Car $car, Channel $channel, ElectricalState $state): array
    {
        $plainly = $car->isTypical() ? $state->plainlyAt($channel) : null;
        $check = static fn (): array => self::events($car, $channel, ModuleInput::at($channel->id, [$channel->id => $channel] + $car->channels([$channel->id]), $state));

        return $plainly === null ? $check() : Memo::with($channel, "circuit $plainly", $check);
    }

    /**
     * What is found at one channel, and at those that hang on the same supply: which of them pulls it down the module cannot tell.
     *
     * @param  array<string, list<Failure>>  $found  by channel
     * @return array<string, list<Failure>>
     */
    public static function spread(Vehicle $vehicle, array $found): array
    {
        foreach ($found as $id => $failures) {
            if (in_array(Failure::ShortToGround, $failures, true)) {
                foreach (self::sharing($vehicle, $id) as $other) {
                    $found[$other] = [Failure::ShortToGround];
                }
            }
        }

        return $found;
    }

    /**
     * The channels that are not fed, or not fed any longer. A module that feeds an open plug still saves itself from a short.
     *
     * @param  array<string, list<Failure>>  $found  by channel
     * @return list<string>
     */
    public static function withheld(Vehicle $vehicle, array $found): array
    {
        $withholds = $vehicle->module->withholdsSupply;

        return array_keys(array_filter($found, static fn (array $failures): bool => array_filter($failures, static fn (Failure $one): bool => $withholds || $one !== Failure::Open) !== []));
    }

    /** @return list<string> the other channels on the same supply */
    private static function sharing(Vehicle $vehicle, string $id): array
    {
        $supply = $vehicle->channel($id)->moduleEnd->input->sharedSupply();

        return $supply === '' ? [] : array_values(array_filter(
            $vehicle->channelIds(),
            static fn (string $other): bool => $other !== $id && $vehicle->channel($other)->moduleEnd->input->sharedSupply() === $supply,
        ));
    }

    /** @return array<string, array{Failure, float}> */
    private static function events(Car $car, Channel $channel, InputVoltages $input): array
    {
        $check = new KeyOnCheck($car->vehicle->module->monitors);
        $listening = Listening::at($channel);
        $limit = $car->deviation("module.$channel->id.bias-limit");
        $measured = sprintf('%.3f/%.3f/%.5f', $input->firstVolts, $input->secondVolts, $input->feedAmperes);
        $events = [];
        foreach (Failure::electrical() as $failure) {
            $events["$channel->id/$failure->value/$measured"] = [
                $failure,
                $car->deviations->chanceThat($limit, static fn (float $deviation): bool => $check->sees($failure, $listening, $input, $deviation)),
            ];
        }

        return $events;
    }
}
