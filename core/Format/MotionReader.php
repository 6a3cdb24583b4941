<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Body;
use Lernfall\Vehicle\Motion\Build;
use Lernfall\Vehicle\Motion\Chassis;
use Lernfall\Vehicle\Motion\Drivetrain;
use Lernfall\Vehicle\Motion\Rebuilding;
use Lernfall\Vehicle\Motion\RecoveryLimits;
use Lernfall\Vehicle\Motion\ReferenceLimits;
use Lernfall\Vehicle\Motion\Resistance;
use Lernfall\Vehicle\Motion\SlipControlDesign;
use Lernfall\Vehicle\Motion\SlipTriggers;
use Lernfall\Vehicle\Motion\TractionDesign;

/** Reads how a car is built and how its module controls slip; figures that a file does not give are usual ones. */
final readonly class MotionReader
{
    private const USUAL_MASS = 1250.0;

    private const USUAL_VAN_MASS = 2100.0;

    /** @throws InvalidDocument */
    public static function build(Node $root): Build
    {
        $layout = $root->text('layout');
        $body = $root->has('body') ? $root->choice('body', Body::class) : Body::usual($layout);
        $chassis = $root->has('chassis') ? $root->at('chassis')->built(self::chassis(...)) : self::usualChassis($body);

        $drivetrain = $root->has('drivetrain') ? $root->at('drivetrain')->built(self::drivetrain(...)) : self::usualDrivetrain($body);

        return new Build(
            $layout, $body, $chassis, $root->has('slipControl') ? $root->at('slipControl')->built(self::design(...)) : new SlipControlDesign,
            $drivetrain, $root->has('tractionControl') ? $root->at('tractionControl')->built(self::traction(...)) : new TractionDesign,
        );
    }

    /** A car as many are, for files that do not say; nothing for a trailer, which nobody brakes by itself. */
    private static function usualChassis(Body $body): ?Chassis
    {
        return match ($body) {
            Body::Trailer => null,
            Body::Van => new Chassis(self::USUAL_VAN_MASS, 3.2, 1.5, 0.7, 1.66, 1.6, 1.5, new Resistance(airNewtons: 0.9)),
            default => new Chassis(self::USUAL_MASS, 2.55, 1.03, 0.54, 1.46),
        };
    }

    private static function usualDrivetrain(Body $body): ?Drivetrain
    {
        return match ($body) {
            Body::Trailer => null,
            Body::Van => new Drivetrain(3200.0, 9.0),
            default => new Drivetrain(1800.0, 7.0),
        };
    }

    private static function drivetrain(Node $node): Drivetrain
    {
        return new Drivetrain($node->float('axleNewtonMetres'), $node->float('engineKilogramSquareMetres'), $node->float('lagSeconds'), $node->float('fastestKilometresPerHour') / 3.6);
    }

    private static function traction(Node $node): TractionDesign
    {
        $usual = new TractionDesign;

        return new TractionDesign(
            $node->has('spinKilometresPerHour') ? $node->float('spinKilometresPerHour') / 3.6 : $usual->spinMetresPerSecond,
            $node->has('spinShare') ? $node->float('spinShare') : $usual->spinShare,
            $node->has('brakesBelowKilometresPerHour') ? $node->float('brakesBelowKilometresPerHour') / 3.6 : $usual->brakesBelowMetresPerSecond,
            $node->has('byTorque') ? $node->bool('byTorque') : null,
        );
    }

    private static function chassis(Node $node): Chassis
    {
        return new Chassis(
            $node->float('massKilograms'), $node->float('wheelbaseMetres'), $node->float('gravityBehindFrontAxleMetres'), $node->float('gravityHeightMetres'), $node->float('trackMetres'),
            $node->float('frontWheelKilogramSquareMetres'), $node->float('rearWheelKilogramSquareMetres'),
            new Resistance($node->float('rollingShare'), $node->float('airNewtonsAtOneMetrePerSecond')), $node->float('loadLagSeconds'),
        );
    }

    private static function design(Node $node): SlipControlDesign
    {
        $usual = new SlipControlDesign;
        $triggers = $node->has('triggers') ? $node->at('triggers')->built(self::triggers(...)) : $usual->triggers;
        $recovery = $node->has('recovery') ? $node->at('recovery')->built(self::recovery(...)) : $usual->recovery;
        $rebuilding = $node->has('rebuilding') ? $node->at('rebuilding')->built(self::rebuilding(...)) : $usual->rebuilding;
        $reference = $node->has('reference') ? $node->at('reference')->built(self::reference(...)) : $usual->reference;

        return new SlipControlDesign(
            $node->has('entersAboveKilometresPerHour') ? $node->float('entersAboveKilometresPerHour') / 3.6 : $usual->entersAboveMetresPerSecond,
            $node->has('leavesBelowKilometresPerHour') ? $node->float('leavesBelowKilometresPerHour') / 3.6 : $usual->leavesBelowMetresPerSecond,
            $triggers, $recovery, $rebuilding, $reference,
            $node->has('rearSlipShare') ? $node->float('rearSlipShare') : $usual->rearSlipShare,
            $node->has('rearTogether') ? $node->bool('rearTogether') : $usual->rearTogether,
        );
    }

    private static function triggers(Node $node): SlipTriggers
    {
        return new SlipTriggers($node->float('slipShare'), $node->float('slipMetresPerSecond'), $node->float('earlyShare'), $node->float('fallsMetresPerSecondSquared'), ...($node->has('unseenFactor') ? [$node->float('unseenFactor')] : []));
    }

    private static function recovery(Node $node): RecoveryLimits
    {
        return new RecoveryLimits(
            $node->float('endsMetresPerSecondSquared'), $node->float('risesMetresPerSecondSquared'), $node->float('settledMetresPerSecondSquared'), $node->float('strongMetresPerSecondSquared'),
            $node->float('recoveredShare'), $node->float('againSeconds'), $node->float('lowAfterSeconds'), $node->float('suspectAfterSeconds'),
        );
    }

    private static function rebuilding(Node $node): Rebuilding
    {
        return new Rebuilding($node->float('atOnceShare'), $node->float('stepEverySeconds'), $node->float('yawDelaySeconds'), ...($node->has('growsAfterSteps') ? [$node->int('growsAfterSteps')] : []));
    }

    private static function reference(Node $node): ReferenceLimits
    {
        return new ReferenceLimits(
            $node->float('mostSlowingMetresPerSecondSquared'), $node->float('leastSlowingMetresPerSecondSquared'), $node->float('doubtfulShare'), $node->float('agreeShare'), $node->float('agreeSeconds'), $node->float('learnsShare'), $node->float('standsAfterSeconds'),
            ...array_filter([
                'rollsSeconds' => $node->has('rollsSeconds') ? $node->float('rollsSeconds') : null,
                'mostRisingMetresPerSecondSquared' => $node->has('mostRisingMetresPerSecondSquared') ? $node->float('mostRisingMetresPerSecondSquared') : null,
            ], is_float(...)),
        );
    }
}
