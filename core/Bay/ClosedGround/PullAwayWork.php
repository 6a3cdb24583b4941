<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Driving\DrivingWork;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Bay\Pedal\Foot;
use Lernfall\Road\Corners;

/** A way with the module watching, then the throttle: what the driver tells of it. */
final readonly class PullAwayWork
{
    public function __construct(private Driver $driver, private Foot $foot, private DriveMemory $memory)
    {
    }

    /** @return non-empty-list<Branch> */
    public function pulledAway(Car $car, PullAway $start): array
    {
        $corners = Corners::of($car->sound);
        if ($corners === null || ! StartWork::isPossible($car->sound)) {
            return Branch::refused($car, Refusal::NotDriven);
        }
        $refusal = MayBeDriven::refusal($car, $this->foot);
        if ($refusal !== null) {
            return Branch::refused($car, $refusal);
        }

        return array_map(
            fn (Branch $one): Branch => new Branch($one->weight, $one->car, $this->told($one->car, $corners, $start)),
            (new DrivingWork)->driven($car, $start->journey(), static fn (): Prediction => Prediction::of('pulled-away')),
        );
    }

    private function told(Car $car, Corners $corners, PullAway $start): Prediction
    {
        $felt = (new StartWork($car, $corners))->done($this->driver->start($start), $this->driver->starts, $this->memory)->felt();
        $features = SelfTest::heard($car);
        foreach ($felt->subjects() as $about) {
            $features[$about] = new CategoryFeature($felt->chances($about));
        }

        return Prediction::of('pulled-away', (new LampWork)->withTractionLamp($car, $features));
    }
}
