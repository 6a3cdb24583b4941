<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Pedal\Foot;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * A free drive on closed ground: some parts of throttle, brake and steering, and what the driver tells of it. Every other fault is driven just so as well, which is why it is short.
 *
 * @extends BaseCarProcedure<DriveFreely>
 */
final readonly class DriveFreelyProcedure extends BaseCarProcedure
{
    private const MOST_PARTS = 6;

    private const MOST_STOPS = 3;

    private const MOST_SECONDS = 12.0;

    private const SECONDS = [0.5, 8.0];

    public function name(): string
    {
        return 'drive-freely';
    }

    public function observations(): array
    {
        return ['driven-freely'];
    }

    public function equipment(): array
    {
        return [Driver::class, Foot::class, DriveMemory::class];
    }

    public function schema(): ActionSchema
    {
        $part = Setting::group([
            'foot' => Setting::choice(FreeFoot::class),
            'steering' => Setting::choice(FreeSteering::class),
            'seconds' => Setting::within(self::SECONDS, 'or until the car stands'),
        ]);

        return ActionSchema::of('Drive on closed ground as planned, from a standstill, and have the driver tell of it')
            ->with('footing', Setting::choice(Footing::class))
            ->with('parts', Setting::list($part, ['minItems' => 1, 'maxItems' => self::MOST_PARTS], sprintf('no longer than %d s in all, and braked no more than %d times', self::MOST_SECONDS, self::MOST_STOPS)));
    }

    public function example(): array
    {
        return ['footing' => 'wet', 'parts' => [['foot' => 'throttle', 'steering' => 'straight', 'seconds' => 3], ['foot' => 'brake-hard', 'steering' => 'straight', 'seconds' => 4]]];
    }

    public function decode(Node $node): Action
    {
        $parts = [];
        foreach ($node->entries('parts') as $one) {
            $parts[] = new FreeStretch($one->choice('foot', FreeFoot::class), $one->choice('steering', FreeSteering::class), $one->float('seconds'));
        }

        return $parts === [] ? throw $node->at('parts')->wrong('a-part') : new DriveFreely($node->choice('footing', Footing::class), $parts);
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::onThisCar(StartWork::isPossible($job->sound()));
        SettingRange::between('parts', (float) count($action->parts), [1.0, self::MOST_PARTS]);
        foreach ($action->parts as $index => $part) {
            SettingRange::between("parts.$index.seconds", $part->seconds, self::SECONDS);
        }
        SettingRange::between('seconds', $action->seconds(), [self::SECONDS[0], self::MOST_SECONDS]);
        SettingRange::between('stops', (float) $action->stops(), [0.0, self::MOST_STOPS]);
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new FreeWork($workshop->equipment(Driver::class), $workshop->equipment(Foot::class), $workshop->equipment(DriveMemory::class)))->driven($car, $action);
    }
}
