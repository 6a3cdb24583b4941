<?php

declare(strict_types=1);

namespace Lernfall\Lab;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\ClosedGround\Driver;
use Lernfall\Bay\ClosedGround\RoadPlay;
use Lernfall\Bay\ClosedGround\RollingBody;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Key\KeyWork;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\InvalidFault;
use Lernfall\Module\Control\SlipDuty;
use Lernfall\Road\BrakingCar;
use Lernfall\Road\Corners;
use Lernfall\Road\RoadRecord;
use Lernfall\Road\StartFigures;
use Lernfall\Road\StartingCar;
use Lernfall\Road\StartTask;
use Lernfall\Road\StopFigures;
use Lernfall\Road\StopTask;
use Lernfall\Vehicle\Motion\Chassis;
use Lernfall\Vehicle\Vehicle;
use LogicException;

/** Free play on the road: one drive of one car, with everything there is of it. */
final readonly class RoadLab
{
    private const MOST_SECONDS = 15.0;

    /** @param  array<string, Vehicle>  $vehicles  those that are driven, by name of their file */
    public function __construct(private array $vehicles, private Catalogue $catalogue, private Driver $driver)
    {
    }

    /** @throws InvalidFault where the defect cannot be there */
    public function shown(RoadSetting $setting): RoadPlay
    {
        $car = $this->car($setting);
        $corners = Corners::of($car->sound) ?? throw new LogicException("$setting->vehicle is not driven.");
        $controls = $setting->controls && ($setting->task->pullsAway ? (new LampWork)->hasTractionControl($car->sound) && (new LampWork)->isTractionControlling($car) : (new LampWork)->isControlling($car));
        $record = $this->driven($car, $corners, $setting, $controls);
        $chassis = $this->chassis($car->vehicle, $setting);

        return RoadPlay::of($record, $setting->task->footing->track(), $chassis, $corners->ids, $this->told($record, $car, $corners, $setting, $chassis), $controls);
    }

    /** The car with its engine running, as its module finds it then. */
    private function car(RoadSetting $setting): Car
    {
        $sound = $this->vehicles[$setting->vehicle];
        $place = $setting->defect !== '' && $this->catalogue->entry($setting->defect)->kind->scope->wholeCar ? Vehicle::WHOLE : $setting->wheel;
        $vehicle = $setting->defect === '' ? $sound : $this->catalogue->fault($sound, $setting->defect, $place)->applyTo($sound);

        return Branch::likeliest((new KeyWork)->turn(Car::hypothesis($vehicle, $sound), Ignition::Running))->car;
    }

    private function driven(Car $car, Corners $corners, RoadSetting $setting, bool $controls): RoadRecord
    {
        $body = new RollingBody($car, $corners);
        $build = $car->vehicle->model->build;
        $chassis = $this->chassis($car->vehicle, $setting);
        if ($setting->task->pullsAway) {
            $drivetrain = $build->drivetrain ?? throw new LogicException('Something turns its wheels.');

            return (new StartingCar($car->vehicle, $chassis, $drivetrain, $this->left($car->vehicle), $body->heard(), $controls, $body->moves()))->start($this->start($setting));
        }
        $design = $setting->rearTogether === null ? $build->slipControl : $build->slipControl->rearwards($setting->rearTogether);

        return (new BrakingCar($car->vehicle, $chassis, $body->heard(), $controls ? SlipDuty::whole($design) : null, $body->moves()))->stop($this->stop($setting));
    }

    /** @return array<string, string> */
    private function told(RoadRecord $record, Car $car, Corners $corners, RoadSetting $setting, Chassis $chassis): array
    {
        $usual = $this->driven($this->car($setting->usual()), $corners, $setting->usual(), ! $setting->task->pullsAway || (new LampWork)->hasTractionControl($car->sound));
        if ($setting->task->pullsAway) {
            return StartFigures::of($record, $usual->lastMetresPerSecond(), $this->left($car->vehicle), $this->driver->starts)->words($corners->ids, $this->driver->starts);
        }
        $pedal = $car->sound->unit()->restingPedalCentimetres($setting->task->footNewtons);

        return StopFigures::of($record, $usual->stopMetres(), $pedal, $this->stop($setting), $chassis, $this->driver->limits)->words($corners->ids, $this->driver->limits);
    }

    private function chassis(Vehicle $vehicle, RoadSetting $setting): Chassis
    {
        $chassis = $vehicle->model->build->chassis ?? throw new LogicException('Who is driven is a mass on wheels.');

        return $setting->loadKilograms > 0.0 ? $chassis->loaded($setting->loadKilograms, 0.75 * $chassis->wheelbaseMetres) : $chassis;
    }

    private function left(Vehicle $vehicle): int
    {
        return Corners::leftOf($vehicle->model->build->drivenAxle()) ?? throw new LogicException('Something turns its wheels.');
    }

    private function stop(RoadSetting $setting): StopTask
    {
        return new StopTask($setting->task->metresPerSecond, $setting->task->footing->track(), $setting->task->footNewtons, $this->driver->hardNewtonsPerSecond, self::MOST_SECONDS);
    }

    private function start(RoadSetting $setting): StartTask
    {
        return new StartTask($setting->task->footing->track(), $this->driver->starts->openSeconds);
    }
}
