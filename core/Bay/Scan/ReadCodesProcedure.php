<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scan;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/**
 * Reads the codes of a system with a scan tool.
 *
 * @extends BaseCarProcedure<ReadCodes>
 */
final readonly class ReadCodesProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'read-codes';
    }

    public function observations(): array
    {
        return ['codes', 'not-listed', 'no-answer'];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Read the codes of the brake module')
            ->orWith('system', Setting::text('as the car\'s menu lists it; left out, the brake module'))
            ->orWith('tool', Setting::choice(ScanTool::class, "an older terminal shows the maker's own numbers in hexadecimal; a reader sees the engine only; left out, the terminal"))
            ->orWith('vehicle', Setting::text('as chosen in the tool\'s menu; left out, the right one', ['maxLength' => 64]));
    }

    public function decode(Node $node): Action
    {
        return new ReadCodes(
            $node->has('system') ? $node->text('system') : ReadCodes::BRAKES,
            $node->has('tool') ? $node->choice('tool', ScanTool::class) : ScanTool::Terminal,
            $node->has('vehicle') ? $node->text('vehicle') : '',
        );
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        if (! $action->mistakes($job->sound()->id)) {
            Systems::check($job->sound(), $action->system);
        }
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new ScanWork)->read($car, $action);
    }

    public function candidateTests(Vehicle $vehicle, Channel $channel): array
    {
        return ScanTests::of($vehicle, $channel);
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        return ScanTests::ofTheWholeCar($vehicle);
    }
}
