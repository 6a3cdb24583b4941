<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Rooms;
use Lernfall\Chance\Draw;
use Lernfall\Document\Node;
use Lernfall\Evidence\Belief\KnownHypotheses;
use Lernfall\Evidence\EvidenceFactory;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\Fault;
use Lernfall\Format\CatalogueReader;
use Lernfall\Format\OlderVehicle;
use Lernfall\Format\PolicyReader;
use Lernfall\Format\VehicleReader;
use Lernfall\Format\WeighingReader;
use Lernfall\Format\WorkshopReader;
use Lernfall\Marking\Marker;
use Lernfall\Marking\Policy;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/** A true car and the tools to work on it, for tests: each do() moves the car on. */
final class Workbench
{
    private function __construct(public Car $car, public readonly Simulator $simulator, private readonly string $seed)
    {
    }

    public static function vehicle(string $id = 'harl-13'): Vehicle
    {
        return VehicleReader::read(self::json("core/Vehicle/BuiltIn/$id.json"));
    }

    /**
     * The file of a car as it was in the format before, whose module watched nothing between one key-on and the next.
     *
     * @return array<array-key, mixed>
     */
    public static function older(string $id): array
    {
        $document = self::json("core/Vehicle/BuiltIn/$id.json");
        assert(is_array($document));
        unset($document['hubRiseAtKilometresPerHour'], $document['hubWarmUpMinutes'], $document['supply']['cranksFromVolts'], $document['module']['monitors']['watchesSeconds'],
            $document['module']['lampCodes']['checkMode']['levelWithinKilometresPerHour'], $document['module']['lampCodes']['checkMode']['steadyWithinKilometresPerHour']);

        return [...$document, 'format' => OlderVehicle::SECOND_FORMAT];
    }

    public static function catalogue(): Catalogue
    {
        return CatalogueReader::read(self::json('core/Fault/catalogue.json'));
    }

    public static function evidence(): EvidenceFactory
    {
        /** @var ?EvidenceFactory $evidence */
        static $evidence = null;

        return $evidence ??= new EvidenceFactory(self::simulator(), self::catalogue(), WeighingReader::read(self::json('core/Evidence/weighing.json')));
    }

    public static function hypotheses(): KnownHypotheses
    {
        return self::evidence()->known;
    }

    public static function marker(): Marker
    {
        return new Marker(self::evidence());
    }

    public static function simulator(): Simulator
    {
        return Rooms::simulator(WorkshopReader::read(self::json('core/Bay/training-workshop.json')));
    }

    public static function with(Car $car, string $seed = 'a'): self
    {
        return new self($car, self::simulator(), $seed);
    }

    public static function healthy(string $seed = 'a'): self
    {
        return new self(Car::true(self::vehicle(), self::vehicle(), $seed), self::simulator(), $seed);
    }

    public static function healthyCar(string $id, string $seed = 'a'): self
    {
        return new self(Car::true(self::vehicle($id), self::vehicle($id), $seed), self::simulator(), $seed);
    }

    public static function withFaultOn(string $id, string $kind, string $channel, string $conductor = '', string $seed = 'a', ?float $strength = null): self
    {
        $vehicle = self::vehicle($id);

        return new self(Car::true(self::catalogue()->fault($vehicle, $kind, $channel, $conductor, $strength)->applyTo($vehicle), $vehicle, $seed), self::simulator(), $seed);
    }

    public static function withFault(string $kind, string $channel, string $conductor = '', ?float $strength = null, string $seed = 'a'): self
    {
        $fault = self::catalogue()->fault(self::vehicle(), $kind, $channel, $conductor, $strength);

        return new self(Car::true($fault->applyTo(self::vehicle()), self::vehicle(), $seed), self::simulator(), $seed);
    }

    public function do(CarAction ...$actions): Observation
    {
        $observation = new Observation('nothing', [], null, []);
        foreach ($actions as $action) {
            [$this->car, $observation] = $this->simulator->perform($this->car, $action, new Draw($this->seed));
        }

        return $observation;
    }

    public function secured(): self
    {
        $this->do(new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand));

        return $this;
    }

    /** The SI value on the meter; INF for overload. */
    public function meter(MeterFunction $function, string $first, string $second): float
    {
        $number = $this->do(new Measure($function, $first, $second))->number('reading');

        return $number === null ? NAN : ($number->overload ? INF : $number->si);
    }

    /** @return array<string, string> code => status, absent ones left out */
    public static function codes(Observation $observation): array
    {
        $codes = array_filter($observation->values, static fn ($word): bool => in_array($word, ['present', 'pending', 'history'], true));
        ksort($codes);

        return array_map(strval(...), $codes);
    }

    /** @param  list<array{string, string, 2?: string, 3?: ?float, 4?: ?Provocation}>  $faults */
    public static function case(array $faults = [['coil-open', 'FR']], ?Vehicle $vehicle = null): FaultCase
    {
        $vehicle ??= self::vehicle();

        return new FaultCase('Name', 'Job', 'Complaint', $vehicle, array_map(
            static fn (array $fault): Fault => self::catalogue()->fault($vehicle, $fault[0], $fault[1], $fault[2] ?? '', $fault[3] ?? null, $fault[4] ?? null),
            $faults,
        ));
    }

    public static function policy(string $name = 'workshop'): Policy
    {
        return PolicyReader::read(Node::root(self::json("core/Marking/policies/$name.json")));
    }

    /** A policy made before reasoning was judged: quick to mark by. */
    public static function olderPolicy(): Policy
    {
        return PolicyReader::read(Node::root([
            'weights' => ['safety' => 15, 'codes' => 15, 'reading' => 25, 'repair' => 25, 'proof' => 15, 'economy' => 5], 'diagnosisMinutes' => 48,
        ]));
    }

    public static function json(string $path): mixed
    {
        return json_decode((string) file_get_contents(dirname(__DIR__, 2).'/'.$path), true, 64, JSON_THROW_ON_ERROR);
    }
}
