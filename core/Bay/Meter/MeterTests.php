<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Preliminaries\Pins;
use Lernfall\Signal\Switching;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;
use LogicException;

/** What is measured with the meter, of a channel and of the supply. */
final readonly class MeterTests
{
    private const WIRES = ['first', 'second', 'third'];

    /** What is moved or warmed while the joined circuit is watched. */
    private const PROVOCATIONS = [
        Provocation::SteeringLeft, Provocation::SteeringRight, Provocation::WiggleCable, Provocation::WiggleSensorPlug,
        Provocation::WiggleLoom, Provocation::WiggleModulePlug, Provocation::Heat,
    ];

    /** What is moved or warmed while the sensor alone is measured, and while the loom alone is. */
    private const AT_THE_SENSOR = [Provocation::SteeringLeft, Provocation::SteeringRight, Provocation::WiggleCable, Provocation::Heat];

    private const AT_THE_LOOM = [Provocation::SteeringLeft, Provocation::SteeringRight];

    private function __construct(private Channel $channel)
    {
    }

    /** @return list<CandidateTest> */
    public static function of(Channel $channel): array
    {
        $tests = new self($channel);

        return [...$tests->ohms(), ...$tests->volts(), ...$tests->wireByWire(), ...$tests->provoked(), ...$tests->apart(), ...$tests->hertz()];
    }

    /** @return list<CandidateTest> the module's supply under its own load, stretch by stretch, and through another relay */
    public static function ofTheWholeCar(Vehicle $vehicle): array
    {
        [$fuseIn, $fuseOut, , $supply, $ground] = Pads::FEED;
        $drop = static fn (string $id, string $first, string $second): CandidateTest => CandidateTest::usual($id, Before::keyOn(), new Measure(MeterFunction::VoltsDc, $first, $second), ['reading'])->ofTheWholeCar();

        return [
            ...UnitTests::ofTheWholeCar($vehicle),
            $drop('feed-at-module', $supply, $ground),
            $drop('feed-drop-fuse', $fuseIn, $fuseOut),
            $drop('feed-drop-supply', Pads::BATTERY_POSITIVE, $supply),
            $drop('feed-drop-ground', $ground, Pads::BODY),
            $drop('battery-volts', Pads::BATTERY_POSITIVE, Pads::BATTERY_NEGATIVE),
            CandidateTest::further(
                'feed-with-trial-relay', [new FitKnownGoodPart(KnownGoodPart::SupplyRelay, Vehicle::WHOLE, true), ...Before::keyOn()], [new Measure(MeterFunction::VoltsDc, $supply, $ground)], ['reading'],
            )->ofTheWholeCar(),
        ];
    }

    /** @return list<CandidateTest> */
    private function ohms(): array
    {
        $sensorOpen = Before::sensorUnplugged($this->channel);
        $moduleOpen = Before::moduleUnplugged($this->channel);
        $tests = [
            $this->usual('ohms-sensor', $sensorOpen, MeterFunction::Ohms, Pins::ofSensor($this->channel, 0), Pins::ofSensor($this->channel, 1)),
            $this->usual('ohms-from-module-plug', $moduleOpen, MeterFunction::Ohms, Pins::atModule($this->channel, 0), Pins::atModule($this->channel, 1)),
        ];
        foreach (array_keys($this->channel->conductors) as $index) {
            $wire = self::WIRES[$index];
            $tests[] = $this->usual("ohms-$wire-to-body", $moduleOpen, MeterFunction::Ohms, Pins::atModule($this->channel, $index), Pads::BODY);
            $tests[] = $this->usual("ohms-$wire-through", [...$sensorOpen, ...$moduleOpen], MeterFunction::Ohms, Pins::ofLoom($this->channel, $index), Pins::atModule($this->channel, $index));
        }

        return $tests;
    }

    /** @return list<CandidateTest> */
    private function volts(): array
    {
        $turning = Before::turning($this->channel);
        $sensorOpen = Before::sensorUnplugged($this->channel);
        $openPlug = $this->usual('bias-open-plug', [...Before::keyOn(), ...$sensorOpen], MeterFunction::VoltsDc, Pins::ofLoom($this->channel, 0), Pins::ofLoom($this->channel, 1));
        if (! Switching::isActive($this->channel)) {
            return [
                $this->usual('ac-unplugged', [...$turning, ...$sensorOpen], MeterFunction::VoltsAc, Pins::ofSensor($this->channel, 0), Pins::ofSensor($this->channel, 1)),
                $this->usual('ac-at-module', $turning, MeterFunction::VoltsAc, Pins::atModule($this->channel, 0), Pins::atModule($this->channel, 1)),
                $this->watched(),
                $openPlug,
            ];
        }
        $fed = [...$turning, ...Before::keyOn()];
        $tests = [$this->watched(), $openPlug];
        foreach (array_keys($this->channel->conductors) as $index) {
            $wire = self::WIRES[$index];
            $tests[] = $this->usual("dc-$wire-turning", $fed, MeterFunction::VoltsDc, Pins::atModule($this->channel, $index), Pads::BODY);
            $tests[] = $this->usual("ac-$wire-turning", $fed, MeterFunction::VoltsAc, Pins::atModule($this->channel, $index), Pads::BODY);
        }

        return $tests;
    }

    /** The voltage that tells most about a circuit as it is joined. */
    private function watched(): CandidateTest
    {
        return Switching::isActive($this->channel)
            ? $this->usual('supply-at-sensor', [...Before::turning($this->channel), ...Before::keyOn()], MeterFunction::VoltsDc, Pins::ofSensor($this->channel, 0), Pins::ofSensor($this->channel, 1))
            : $this->usual('bias-joined', Before::keyOn(), MeterFunction::VoltsDc, Pins::atModule($this->channel, 0), Pins::atModule($this->channel, 1));
    }

    /** @return list<CandidateTest> the joined circuit watched while something is moved or warmed */
    private function provoked(): array
    {
        $watched = $this->watched();

        return [
            ...(Switching::isActive($this->channel) ? [CandidateTest::further("$watched->id-still", Before::keyOn(), $watched->looks, $watched->features)] : []),
            ...array_map(fn (Provocation $how): CandidateTest => CandidateTest::further(
                "$watched->id-$how->value", [...Before::keyOn(), new Provoke($how, $this->channel->id)], $watched->looks, $watched->features,
            ), self::PROVOCATIONS),
        ];
    }

    /** @return list<CandidateTest> sensor and loom each for itself while something is moved or warmed: which of the two it is */
    private function apart(): array
    {
        $sensor = new Measure(MeterFunction::Ohms, Pins::ofSensor($this->channel, 0), Pins::ofSensor($this->channel, 1));
        [$first, $last] = [Pins::sensorPlug($this->channel), Pins::modulePlug($this->channel)];
        $tests = [];
        foreach (self::AT_THE_SENSOR as $how) {
            $tests[] = CandidateTest::further("ohms-sensor-$how->value", [...Before::sensorUnplugged($this->channel), new Provoke($how, $this->channel->id)], [$sensor], ['reading']);
        }
        foreach (self::AT_THE_LOOM as $how) {
            $tests[] = $this->everyWire("loom-by-wires-$how->value", [$first, $last], [$first, PadSide::Module], [$last, PadSide::Wheel], $how);
            $tests[] = $this->everyWire("loom-to-body-$how->value", [$first, $last], [$last, PadSide::Wheel], null, $how);
        }

        return $tests;
    }

    /** @return list<CandidateTest> every conductor measured in one go: the loom from end to end, and each plug over its joined contacts */
    private function wireByWire(): array
    {
        $plugs = $this->channel->plugs();
        [$first, $last] = [Pins::sensorPlug($this->channel), Pins::modulePlug($this->channel)];
        $tests = [
            $this->everyWire('loom-by-wires', [$first, $last], [$first, PadSide::Module], [$last, PadSide::Wheel]),
            $this->everyWire('loom-to-body', [$first, $last], [$last, PadSide::Wheel], null),
        ];
        foreach (array_slice($plugs, 1, -1) as $between) {
            $tests[] = $this->everyWire('extension-by-wires', [$first, $between], [$first, PadSide::Module], [$between, PadSide::Wheel]);
            $tests[] = $this->everyWire('inner-loom-by-wires', [$between, $last], [$between, PadSide::Module], [$last, PadSide::Wheel]);
        }
        foreach ($plugs as $plug) {
            $tests[] = $this->everyWire("contacts-{$plug->name()}", [$plug === $last ? $first : $last], [$plug, PadSide::Wheel], [$plug, PadSide::Module]);
        }

        return $tests;
    }

    /**
     * @param  list<Plug>  $open  plugs apart
     * @param  array{Plug, PadSide}  $from
     * @param  ?array{Plug, PadSide}  $to  null for the body
     * @param  ?Provocation  $while  what is moved meanwhile
     */
    private function everyWire(string $id, array $open, array $from, ?array $to, ?Provocation $while = null): CandidateTest
    {
        $looks = [];
        foreach (array_keys($this->channel->conductors) as $index) {
            $looks[] = new Measure(MeterFunction::Ohms, Pins::at($this->channel, $from[0], $from[1], $index), $to === null ? Pads::BODY : Pins::at($this->channel, $to[0], $to[1], $index));
        }
        $plugs = array_values(array_unique(array_map(static fn (Plug $plug): string => $plug->plugId, $open)));

        $before = [...array_map(static fn (string $plug): Unplug => new Unplug($plug), $plugs), ...($while === null ? [] : [new Provoke($while, $this->channel->id)])];

        return CandidateTest::further($id, $before, $looks === [] ? throw new LogicException('a channel without conductors') : $looks, ['reading']);
    }

    /** @return list<CandidateTest> the frequency of a passive sensor at the turning wheel */
    private function hertz(): array
    {
        return Switching::isActive($this->channel) ? [] : [CandidateTest::further(
            'hertz-turning', Before::turning($this->channel), [new Measure(MeterFunction::Hertz, Pins::atModule($this->channel, 0), Pins::atModule($this->channel, 1))], ['reading'],
        )];
    }

    /** @param  list<CarAction>  $before */
    private function usual(string $id, array $before, MeterFunction $function, string $first, string $second): CandidateTest
    {
        return CandidateTest::usual($id, $before, new Measure($function, $first, $second), ['reading']);
    }
}
