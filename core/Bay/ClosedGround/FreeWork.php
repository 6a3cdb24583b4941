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

        $branches = [];
        foreach ((new DrivingWork)->driven($car, $drive->journey(), static fn (): Prediction => Prediction::of('driven-freely')) as $way) {
            array_push($branches, ...$this->told($way, $corners, $drive));
        }

        return $branches;
    }

    /**
     * What the monitors find in the drive itself comes to the module's memory as it ends, and lights no lamp before.
     *
     * @return non-empty-list<Branch>
     */
    private function told(Branch $way, Corners $corners, DriveFreely $drive): array
    {
        $driven = new FreelyDriven($way->car, $corners);
        $outcome = $driven->done($drive, $this->driver, $this->memory);
        $features = SelfTest::heard($way->car);
        $felt = $outcome->felt();
        foreach ($felt->subjects() as $about) {
            $features[$about] = new CategoryFeature($felt->chances($about));
        }
        $left = array_map(static fn (float $cubicCentimetres): float => round($cubicCentimetres, 2), $outcome->left);
        $after = $way->car->in($way->car->state->withAccumulated($left));

        return array_map(
            static fn (Branch $end): Branch => new Branch($way->weight * $end->weight, $end->car, Prediction::of('driven-freely', (new LampWork)->withTractionLamp($end->car, $features))),
            (new DrivingWork)->driven($after, $driven->watched($drive, $this->driver), static fn (): Prediction => Prediction::of('driven-freely')),
        );
    }
}
