<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Bay\Inspection\Manner;
use Lernfall\Bay\Inspection\Sight;

/** What each place looks like; reduced to what is to be seen from there now, and without a word for its condition. */
final readonly class Appearances
{
    public static function of(Scene $scene): ObservedPicture
    {
        $picture = self::drawn($scene);
        $manner = $scene->look->manner;

        return $manner === Manner::Closely ? $picture : new ObservedPicture($picture->drawing, $picture->shows + ['manner' => $manner->value]);
    }

    private static function drawn(Scene $scene): ObservedPicture
    {
        return match ($scene->look->at) {
            Sight::Ring => RingInSlot::picture($scene),
            Sight::Film => FilmOnRing::picture($scene),
            Sight::Gap => GapByEye::picture($scene),
            Sight::Tip => SensorTip::picture($scene),
            Sight::Cable => CableSheath::picture($scene),
            Sight::SensorPlug, Sight::BodyPlug, Sight::ModulePlug => PlugFace::picture($scene),
            Sight::Tyre => TyreWall::picture($scene),
            Sight::Linings => LiningEdge::picture($scene),
            Sight::BrakeLine => BrakeHose::picture($scene),
            Sight::Fuse, Sight::PumpFuse, Sight::ValveFuse => FuseWindow::picture($scene),
            Sight::Relay, Sight::PumpRelay, Sight::ValveRelay => RelayContacts::picture($scene),
            Sight::Ground, Sight::UnitGround => GroundScrew::picture($scene),
            Sight::UnitPipes => PipesOfUnit::picture($scene),
            Sight::PedalSwitch, Sight::LeverSwitch => SwitchAtArm::picture($scene),
            Sight::Fluid => Reservoir::picture($scene),
        };
    }
}
