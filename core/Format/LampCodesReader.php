<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Vehicle\BlinkTiming;
use Lernfall\Vehicle\CheckMode;
use Lernfall\Vehicle\CheckSpeed;
use Lernfall\Vehicle\LampCodes;
use Lernfall\Vehicle\PedalClearing;
use Lernfall\Vehicle\PowerCycle;

/** Reads how a module blinks its codes. */
final readonly class LampCodesReader
{
    /** @throws InvalidDocument */
    public static function read(Node $node): LampCodes
    {
        if (! in_array($node->int('digits'), [1, 2], true)) {
            throw $node->at('digits')->noneOf([1, 2]);
        }

        return new LampCodes(
            $node->int('digits'),
            new BlinkTiming(
                $node->float('blinkSeconds'), $node->float('digitPauseSeconds'), $node->float('codePauseSeconds'), $node->float('listPauseSeconds'), $node->float('evenSeconds'),
            ),
            new PedalClearing($node->has('clearPresses') ? $node->int('clearPresses') : 0, $node->has('clearWithinSeconds') ? $node->float('clearWithinSeconds') : 0.0),
            $node->has('checkMode') ? $node->at('checkMode')->built(self::checkMode(...)) : null,
            $node->has('powerCycle') ? $node->at('powerCycle')->built(self::powerCycle(...)) : null,
        );
    }

    private static function checkMode(Node $node): CheckMode
    {
        return new CheckMode(
            $node->int('presses'),
            $node->float('withinSeconds'),
            $node->int('leavesAfterPresses'),
            new CheckSpeed($node->float('levelKilometresPerHour') / 3.6, $node->float('levelWithinKilometresPerHour') / 3.6),
            new CheckSpeed($node->float('steadyKilometresPerHour') / 3.6, $node->float('steadyWithinKilometresPerHour') / 3.6),
            $node->float('leastEvenness'),
            $node->at('levelCodes')->textsByName(),
            $node->at('steadyCodes')->textsByName(),
        );
    }

    private static function powerCycle(Node $node): PowerCycle
    {
        return new PowerCycle($node->float('onSeconds'), $node->float('offSeconds'), $node->float('toleranceSeconds'), $node->has('clearOnSeconds') ? $node->float('clearOnSeconds') : 0.0);
    }
}
