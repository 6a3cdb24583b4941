<?php

declare(strict_types=1);

namespace Lernfall\Bay\LiveData;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/**
 * The wheel speeds the module sees.
 *
 * @extends BaseCarProcedure<LiveSpeeds>
 */
final readonly class LiveSpeedsProcedure extends BaseCarProcedure
{
    private const GREATEST_METRES_PER_SECOND = 25.0;

    public function name(): string
    {
        return 'live-speeds';
    }

    public function observations(): array
    {
        return ['speeds', 'no-answer'];
    }

    public function tool(): string
    {
        return 'live-data';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Read the wheel speeds the module sees, standing or driving straight')
            ->with('kilometresPerHour', Setting::within([0.0, self::GREATEST_METRES_PER_SECOND * 3.6]));
    }

    public function example(): array
    {
        return ['kilometresPerHour' => 36.0];
    }

    public function decode(Node $node): Action
    {
        return new LiveSpeeds($node->float('kilometresPerHour') / 3.6);
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::within('kilometresPerHour', $action->metresPerSecond, self::GREATEST_METRES_PER_SECOND, 3.6);
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new LiveWork)->speeds($car, $action->metresPerSecond);
    }

    public function candidateTests(Vehicle $vehicle, Channel $channel): array
    {
        return ! $vehicle->module->talksToScanTools() ? [] : LiveTests::of($vehicle, $channel);
    }
}
