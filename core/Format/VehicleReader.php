<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Sensor\SensorKinds;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\SwitchWiring;
use Lernfall\Vehicle\Cable;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\ChannelPlace;
use Lernfall\Vehicle\Climate;
use Lernfall\Vehicle\Conductor;
use Lernfall\Vehicle\Contact;
use Lernfall\Vehicle\DeviationLimits;
use Lernfall\Vehicle\FeedResistances;
use Lernfall\Vehicle\GapSetting;
use Lernfall\Vehicle\GapShift;
use Lernfall\Vehicle\InvalidTyreSize;
use Lernfall\Vehicle\Link;
use Lernfall\Vehicle\MissingSignalLimits;
use Lernfall\Vehicle\ModuleEnd;
use Lernfall\Vehicle\ModuleSpecification;
use Lernfall\Vehicle\Monitors;
use Lernfall\Vehicle\NominalValue;
use Lernfall\Vehicle\NominalValues;
use Lernfall\Vehicle\Place;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Power;
use Lernfall\Vehicle\PowerFeed;
use Lernfall\Vehicle\RingPatternLimits;
use Lernfall\Vehicle\StandstillLimits;
use Lernfall\Vehicle\Supply;
use Lernfall\Vehicle\Tolerances;
use Lernfall\Vehicle\ToothedRing;
use Lernfall\Vehicle\Tyre;
use Lernfall\Vehicle\Vehicle;
use Lernfall\Vehicle\VehicleModel;
use Lernfall\Vehicle\WheelEnd;
use Lernfall\Vehicle\Wire;
use Lernfall\Vehicle\WireGauge;

/** Reads a vehicle from its decoded JSON. Lengths there are in millimetres, speeds in kilometres an hour. */
final readonly class VehicleReader
{
    private const SHEET_RANGES = ['coilOhms' => ['coil', 'Ω'], 'gapMillimetres' => ['gap', 'mm'], 'supplyVolts' => ['supply', 'V']];

    public const FORMAT = 'lernfall-vehicle/4';

    private const PLACES = ['module', 'fuses', 'battery', 'ground'];

    private const SHEET_FIGURES = [
        'lowMilliamperes' => ['low', 'mA'], 'highMilliamperes' => ['high', 'mA'],
        'lowVolts' => ['low', 'V'], 'highVolts' => ['high', 'V'],
    ];

    /** @throws InvalidDocument */
    public static function read(mixed $document): Vehicle
    {
        return self::from(Node::root(OlderVehicle::upgraded($document)));
    }

    /** @throws InvalidDocument */
    public static function from(Node $root): Vehicle
    {
        if ($root->text('format') !== self::FORMAT) {
            throw $root->at('format')->wrong('format', ['format' => self::FORMAT]);
        }
        $channels = [];
        foreach ($root->entries('channels') as $id => $node) {
            $channels[] = $node->built(static fn (Node $here): Channel => self::channel((string) $id, $here, $node->has('input') ? $node->at('input') : $root->at('module')->at('input')));
        }
        $sheet = [];
        foreach ($root->entries('dataSheet') as $axle => $node) {
            $sheet[$axle] = self::nominal($node);
        }

        return VehicleParts::fitting(new Vehicle(
            $root->text('id'),
            new VehicleModel(
                $root->text('name'),
                MotionReader::build($root),
                $root->texts('lamps'),
                $root->at('tolerances')->built(static fn (Node $tolerances): Tolerances => new Tolerances($tolerances->float('sensor'), $tolerances->float('signal'), $tolerances->float('gap'))),
                $sheet,
                $root->at('gapShift')->built(static fn (Node $shift): GapShift => new GapShift($shift->float('micrometresPerKelvin') * 1e-6, $shift->float('atLockMillimetres') / 1000.0)),
                self::places($root->at('places')),
                $root->has('systems') ? $root->at('systems')->textsByName() : [],
            ),
            $root->at('tyre')->built(self::tyre(...)),
            $root->built(static fn (Node $here): Climate => new Climate(
                $here->float('ambientCelsius'), $here->float('hubRiseKelvin'), $here->float('hubRiseAtKilometresPerHour') / 3.6, $here->float('hubWarmUpMinutes') * 60.0,
            )),
            new Power(
                $root->at('supply')->built(static fn (Node $supply): Supply => new Supply(
                    $supply->float('batteryVolts'), $supply->float('chargingVolts'), $supply->float('internalOhms'), $supply->float('cranksFromVolts'),
                )),
                $root->at('module')->at('feed')->built(self::feed(...)),
            ),
            $channels,
            $root->at('module')->built(self::module(...)),
            self::brakeParts($root),
        ), $root);
    }

    /** Those it lists, and its lamps; pump and valves have a hydraulic unit that they are in. */
    private static function brakeParts(Node $root): BrakeParts
    {
        $listed = $root->has('brakeParts') ? $root->texts('brakeParts') : [];
        if ($listed === []) {
            return BrakeParts::none();
        }
        $channels = BrakeParts::channelsOf($listed);
        $hasUnit = $channels !== [] || in_array(BrakeParts::PUMP, $listed, true);

        return BrakeParts::sound([...$listed, ...array_map(BrakeParts::lamp(...), $root->texts('lamps'))], $hasUnit ? BrakeUnitReader::read($root->at('hydraulicUnit'), $channels) : null, $root->has('brakeSwitches') ? $root->at('brakeSwitches')->built(self::switchWiring(...)) : new SwitchWiring);
    }

    private static function switchWiring(Node $node): SwitchWiring
    {
        return new SwitchWiring($node->float('feedOhms'), $node->float('contactOhms'), $node->float('stopLampOhms'), $node->float('pullUpOhms'));
    }

    /** @return list<Place> */
    private static function places(Node $node): array
    {
        return array_map(static fn (string $part): Place => new Place($part, $node->at($part)->float('along'), $node->at($part)->float('across')), self::PLACES);
    }

    private static function feed(Node $node): PowerFeed
    {
        return new PowerFeed(
            $node->text('fuse'), $node->float('fuseAmperes'), $node->text('supplyPin'), $node->text('groundPin'),
            new FeedResistances($node->float('wireOhms'), $node->float('contactOhms'), $node->float('groundOhms'), $node->float('moduleOhms')),
            $node->float('leastVolts'),
        );
    }

    private static function tyre(Node $node): Tyre
    {
        try {
            return Tyre::fromSize($node->text('size'), $node->float('rollingFactor'));
        } catch (InvalidTyreSize) {
            throw $node->at('size')->wrong('tyre-size');
        }
    }

    private static function channel(string $id, Node $node, Node $input): Channel
    {
        $conductors = [];
        foreach ($node->entries('conductors') as $one) {
            $conductors[] = new Conductor($one->text('id'), $one->text('colour'), $one->text('sensorPin'), $one->text('modulePin'));
        }
        $sensor = SensorKinds::sensor($node->at('sensor'));
        if (count($conductors) !== $sensor->conductors()) {
            throw $node->at('conductors')->wrong('conductors', ['count' => $sensor->conductors()]);
        }
        $links = [];
        foreach ($node->entries('links') as $one) {
            $links[] = $one->built(static fn (Node $here): Link => self::link($id, $here, $conductors));
        }

        $ring = $node->at('ring');

        return new Channel(
            $id,
            new ChannelPlace($node->texts('wheels'), $node->text('axle'), $node->has('side') ? $node->text('side') : '', $node->has('handed') && $node->bool('handed')),
            new WheelEnd(
                $ring->built(static fn (Node $ring): ToothedRing => new ToothedRing($ring->int('teeth'), $ring->bool('encoder'))), $node->float('gapMillimetres') / 1000.0,
                seized: $node->has('seized') && $node->bool('seized'),
                bladesReach: ! $node->has('bladesReach') || $node->bool('bladesReach'),
            ),
            $sensor,
            $conductors,
            $links,
            new ModuleEnd(SensorKinds::input($input), reckonedTeeth: $ring->int('teeth')),
        );
    }

    /** @param  list<Conductor>  $conductors */
    private static function link(string $channel, Node $node, array $conductors): Link
    {
        $ids = array_map(static fn (Conductor $one): string => $one->id, $conductors);
        $name = $node->text('name');
        if ($node->text('kind') === 'plug') {
            $contact = new Contact($node->float('contactOhms'));

            return new Plug($name, $node->has('plugId') ? $node->text('plugId') : "$channel.$name", array_fill_keys($ids, $contact));
        }
        if ($node->text('kind') !== 'cable') {
            throw $node->at('kind')->noneOf(['plug', 'cable']);
        }
        $gauge = $node->float('crossSectionSquareMillimetres');
        if (! in_array($gauge, WireGauge::knownSquareMillimetres(), true)) {
            throw $node->at('crossSectionSquareMillimetres')->noneOf(WireGauge::knownSquareMillimetres());
        }
        $wire = new Wire($node->float('lengthMetres'), WireGauge::ohmsPerMetre($gauge));

        $rubsOn = $node->has('rubsOn') ? $node->word('rubsOn', Cable::PLACES) : '';

        return new Cable($name, array_fill_keys($ids, $wire), rubsOn: $rubsOn);
    }

    private static function module(Node $node): ModuleSpecification
    {
        $limits = $node->at('monitors');

        return new ModuleSpecification(
            $node->text('plugId'),
            $limits->built(self::monitors(...)),
            DialectReader::dialect($node),
            DialectReader::lamps($node),
            ! $node->has('withholdsSupply') || $node->bool('withholdsSupply'),
            $node->has('lampCodes') ? $node->at('lampCodes')->built(LampCodesReader::read(...)) : null,
            asksBeforeClearing: $node->has('asksBeforeClearing') && $node->bool('asksBeforeClearing'),
        );
    }

    private static function monitors(Node $node): Monitors
    {
        $or = static fn (string $name, float $default): float => $node->has($name) ? $node->float($name) : $default;

        return new Monitors(
            new StandstillLimits($node->float('openAboveVolts'), $node->float('groundBelowVolts'), $node->float('supplyAboveVolts'), $node->float('shortedBelowVolts'), $or('lowVolts', 0.0), $or('watchesSeconds', INF)),
            new MissingSignalLimits(
                $node->float('missingAboveKilometresPerHour') / 3.6, $node->float('missingSeconds'), $or('weakAboveKilometresPerHour', INF) / 3.6, $or('impossibleMetresPerSecondSquared', 0.0),
            ),
            new RingPatternLimits($node->float('patternAboveKilometresPerHour') / 3.6, $node->float('patternTurns'), $or('leastEvenness', 0.0)),
            $node->float('thresholdSpread'),
            new DeviationLimits($or('deviationShare', INF), $or('deviationAboveKilometresPerHour', INF) / 3.6, $or('deviationSeconds', INF)),
            $node->has('drivingConfirmedBy') ? $node->int('drivingConfirmedBy') : 1,
        );
    }

    private static function nominal(Node $node): NominalValues
    {
        $values = [];
        foreach (self::SHEET_RANGES as $name => [$what, $unit]) {
            if ($node->has($name)) {
                $values[] = new NominalValue($what, $node->at($name)->float(0), $node->at($name)->float(1), $unit);
            }
        }
        foreach (self::SHEET_FIGURES as $name => [$what, $unit]) {
            if ($node->has($name)) {
                $values[] = new NominalValue($what, $node->float($name), $node->float($name), $unit);
            }
        }
        if ($node->has('leastAcMillivolts')) {
            $values[] = new NominalValue('ac', $node->float('leastAcMillivolts'), null, 'mV', $node->float('atTurnsPerSecond'));
        }

        return new NominalValues($node->at('gapMillimetres')->float(1) / 1000.0, self::gapSetting($node), $values);
    }

    private static function gapSetting(Node $node): GapSetting
    {
        return $node->has('gapSetting')
            ? GapSetting::tryFrom($node->text('gapSetting')) ?? throw $node->at('gapSetting')->noneOf(array_column(GapSetting::cases(), 'value'))
            : GapSetting::Gauge;
    }
}
