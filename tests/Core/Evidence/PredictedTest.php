<?php

declare(strict_types=1);

namespace Tests\Core\Evidence;

use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedTrace;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Evidence\Belief\Distinguishability;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** The car as it is must be among those it could be: what a fault predicts is what a car with that fault shows. */
final class PredictedTest extends TestCase
{
    /** Three standard deviations leave out one in four hundred; sights and rare outcomes a little more. */
    private const GREATEST_SHARE_OF_MISFITS = 0.03;

    /** @return array<string, array{string}> */
    public static function cars(): array
    {
        return ['passive' => ['harl-13'], 'two-wire' => ['lendo-15'], 'three-wire' => ['brack-22']];
    }

    #[DataProvider('cars')]
    public function test_what_is_predicted_is_what_is_shown(string $id): void
    {
        $vehicle = Workbench::vehicle($id);
        $channel = $vehicle->channelIds()[0];
        $compared = 0;
        $misfits = [];
        foreach (Workbench::catalogue()->everyFault($vehicle) as $number => $fault) {
            if ($fault->channel !== $channel) {
                continue;
            }
            $played = Played::on(Workbench::case([[$fault->kind->id, $channel, $fault->conductor, $fault->strength]], $vehicle), "car $number")->do(...$this->work($channel));
            $way = $played->withHypothesis($fault);
            foreach ($played->job->steps as $step) {
                $prediction = $way->predictions[$step->number];
                foreach ($this->compared($prediction, $step->observation) as $name) {
                    $compared++;
                    if (! Distinguishability::fits($prediction->features[$name], $step->observation, $name)) {
                        $misfits[] = "{$fault->key()} step $step->number $name";
                    }
                }
            }
        }

        self::assertGreaterThan(500, $compared);
        self::assertLessThan(self::GREATEST_SHARE_OF_MISFITS, count($misfits) / $compared, implode("\n", $misfits));
    }

    public function test_only_what_is_done_to_the_car_is_predicted(): void
    {
        $played = Played::on(Workbench::case())->secured()->do(['do' => 'write-code', 'code' => 'none', 'status' => '']);
        $way = $played->withHypothesis(Workbench::catalogue()->fault(Workbench::vehicle(), 'coil-open', 'FR'));

        self::assertSame([1, 2, 3], array_reverse(array_keys($way->predictions)));
        self::assertTrue($way->car->state->lift->isSecured());
    }

    public function test_another_fault_predicts_something_else(): void
    {
        $vehicle = Workbench::vehicle();
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->do(...$this->work('FR'));
        $way = $played->withHypothesis(Workbench::catalogue()->fault($vehicle, 'loom-open', 'FR', '1'));
        $misfits = array_filter($played->job->steps, static fn ($step): bool => isset($way->predictions[$step->number]->features['reading'])
            && ! Distinguishability::fits($way->predictions[$step->number]->features['reading'], $step->observation, 'reading'));

        self::assertNotEmpty($misfits);
    }

    /** @return list<string> the features both sides name, traces aside, which are compared by eye */
    private function compared(Prediction $prediction, Observation $shown): array
    {
        return array_values(array_filter(
            array_map(strval(...), array_keys($prediction->features)),
            static fn (string $name): bool => array_key_exists($name, $shown->values) && ! $shown->values[$name] instanceof ObservedTrace,
        ));
    }

    /** @return list<array<string, mixed>> a way through the bay that touches every kind of reading */
    private function work(string $channel): array
    {
        $pins = static fn (string $plug): array => ['first' => "$channel.$plug.wheel.1", 'second' => "$channel.$plug.wheel.2"];
        $measure = static fn (string $function, string $plug): array => ['do' => 'measure', 'function' => $function, ...$pins($plug)];

        return [
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'look-at-lamps'], $measure('volts-dc', 'sensor-plug'), $measure('volts-dc', 'module-plug'),
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'],
            ['do' => 'look', 'channel' => $channel, 'at' => 'cable'], ['do' => 'gauge-gap', 'channel' => $channel],
            ['do' => 'unplug', 'plug' => "$channel.sensor-plug"], ['do' => 'look', 'channel' => $channel, 'at' => 'sensor-plug'],
            $measure('ohms', 'sensor-plug'), ['do' => 'measure', 'function' => 'ohms', 'first' => "$channel.sensor-plug.wheel.1", 'second' => 'body'],
            ['do' => 'join', 'plug' => "$channel.sensor-plug"], ['do' => 'unplug', 'plug' => 'module-plug'], $measure('ohms', 'module-plug'),
            ['do' => 'turn-wheel', 'channel' => $channel, 'turnsPerSecond' => 1.0], $measure('volts-ac', 'module-plug'), $measure('hertz', 'module-plug'),
        ];
    }

    /** The faults compared are those the marks are worked out from. */
    public function test_every_fault_has_its_own_key(): void
    {
        $keys = array_map(static fn ($fault): string => $fault->key(), Workbench::catalogue()->everyFault(Workbench::vehicle()));

        self::assertSame($keys, array_values(array_unique($keys)));
    }
}
