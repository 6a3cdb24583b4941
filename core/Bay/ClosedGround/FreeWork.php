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

/** A way with the module watching, then a free drive: what the driver tells of it. */
final readonly class FreeWork
{
    public function __construct(private Driver $driver, private Foot $foot, private DriveMemory $memory)
    {
    }

    /** @return non-empty-list<Branch> */
    public function driven(Car $car, DriveFreely $drive): array
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
            fn (Branch $one): Branch => $this->told($one, $corners, $drive),
            (new DrivingWork)->driven($car, $drive->journey(), static fn (): Prediction => Prediction::of('driven-freely')),
        );
    }

    private function told(Branch $way, Corners $corners, DriveFreely $drive): Branch
    {
        $outcome = (new FreelyDriven($way->car, $corners))->done($drive, $this->driver, $this->memory);
        $features = SelfTest::heard($way->car);
        $felt = $outcome->felt();
        foreach ($felt->subjects() as $about) {
            $features[$about] = new CategoryFeature($felt->chances($about));
        }
        $left = array_map(static fn (float $cubicCentimetres): float => round($cubicCentimetres, 2), $outcome->left);

        return new Branch($way->weight, $way->car->in($way->car->state->withAccumulated($left)), Prediction::of('driven-freely', (new LampWork)->withTractionLamp($way->car, $features)));
    }
}
