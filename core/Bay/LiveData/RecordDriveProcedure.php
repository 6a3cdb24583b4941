<?php

declare(strict_types=1);

namespace Lernfall\Bay\LiveData;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Driving\JourneySetting;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Drive\FreeDrive;

/**
 * A drive with the wheel speeds recorded.
 *
 * @extends BaseCarProcedure<RecordDrive>
 */
final readonly class RecordDriveProcedure extends BaseCarProcedure
{
    /** What the memory of the scan tool holds. */
    private const MOST_SECONDS = 180.0;

    public function name(): string
    {
        return 'record-drive';
    }

    public function observations(): array
    {
        return ['recording', 'no-answer'];
    }

    public function tool(): string
    {
        return 'live-data';
    }

    public function schema(): ActionSchema
    {
        return JourneySetting::described(ActionSchema::of('Drive with the scan tool recording the wheel speeds'), required: true)
            ->with('onCode', Setting::bool('keep only what lies around the moment at which a code is set'));
    }

    public function example(): array
    {
        return ['route' => 'left-bends', 'onCode' => true];
    }

    public function decode(Node $node): Action
    {
        return new RecordDrive(JourneySetting::decode($node), $node->bool('onCode'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        JourneySetting::check($action->route);
        if ($action->route instanceof FreeDrive && array_sum(array_column($action->route->stretches, 2)) > self::MOST_SECONDS) {
            throw UnfitAction::recordingTooLong((int) (self::MOST_SECONDS / 60.0));
        }
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new RecordingWork)->record($car, $action);
    }

    public function repeat(Car $car, CarAction $action, Observation $shown, Workshop $workshop): array
    {
        return (new RecordingWork)->record($car, $action, shows: false);
    }
}
