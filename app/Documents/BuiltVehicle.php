<?php

declare(strict_types=1);

namespace App\Documents;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Document\Pointer;
use Lernfall\Evidence\Preview\FalseAlarms;
use Lernfall\Format\VehicleReader;

/** Puts values of one's own into a built-in car and drives it on every drive there is: with nothing wrong it must set no code. */
final readonly class BuiltVehicle
{
    /** As parts scatter, one is not like another. */
    private const CARS = 3;

    public function __construct(private ContentLibrary $library, private SchemaCheck $schemas)
    {
    }

    /**
     * @param  array<string, float|int>  $values  by JSON pointer
     * @return list<array{route: string, channel: string, failure: string}> the codes it sets; empty where it can be used
     *
     * @throws InvalidDocument where it is no car
     */
    public function alarms(string $base, array $values): array
    {
        $document = $this->library->vehicles()[$base];
        $set = Node::root(['values' => $values])->at('values');
        foreach (array_keys($values) as $pointer) {
            $document = Pointer::replaced($document, (string) $pointer, $set->at((string) $pointer));
        }
        $vehicle = VehicleReader::read($document);
        $this->schemas->check($document, 'vehicle');

        return (new FalseAlarms($this->library->simulator()))->of($vehicle, self::CARS);
    }
}
