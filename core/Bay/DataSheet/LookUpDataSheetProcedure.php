<?php

declare(strict_types=1);

namespace Lernfall\Bay\DataSheet;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Reads the maker's sheet.
 *
 * @extends BaseCarProcedure<LookUpDataSheet>
 */
final readonly class LookUpDataSheetProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'look-up-data-sheet';
    }

    public function observations(): array
    {
        return ['data-sheet'];
    }

    public function tool(): string
    {
        return 'data-sheet';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of("Read the maker's sheet: wiring, pins, colours, nominal values");
    }

    public function decode(Node $node): Action
    {
        return new LookUpDataSheet;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return Branch::only($car, Prediction::of('data-sheet'));
    }
}
