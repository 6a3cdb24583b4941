<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use InvalidArgumentException;
use Lernfall\LernfallException;

/** An action that makes no sense here. The field says which of its settings is wrong; the message is a key with parameters. */
final class UnfitAction extends InvalidArgumentException implements LernfallException
{
    /** @param  array<string, string|int|float>  $parameters */
    private function __construct(
        public readonly string $field,
        public readonly string $messageKey,
        public readonly array $parameters = [],
    ) {
        parent::__construct("$field: $messageKey");
    }

    public static function concluded(): self
    {
        return new self('do', 'unfit.concluded');
    }

    public static function unknown(string $field, string $value): self
    {
        return new self($field, 'unfit.unknown', ['value' => $value]);
    }

    public static function samePad(): self
    {
        return new self('second', 'unfit.same-pad');
    }

    public static function outOfRange(string $field, float $least, float $greatest): self
    {
        return new self($field, 'unfit.out-of-range', ['least' => $least, 'greatest' => $greatest]);
    }

    /** @param  int  $minutes  that can be recorded */
    public static function recordingTooLong(int $minutes): self
    {
        return new self('stretches', 'unfit.recording-too-long', ['minutes' => $minutes]);
    }

    public static function showedNothing(string $field): self
    {
        return new self($field, 'unfit.showed-nothing');
    }

    public static function nothingWritten(): self
    {
        return new self('value', 'unfit.nothing-written');
    }

    public static function wrongUnit(string $unit): self
    {
        return new self('unit', 'unfit.wrong-unit', ['value' => $unit]);
    }

    public static function notACode(string $code): self
    {
        return new self('code', 'unfit.not-a-code', ['value' => $code]);
    }

    public static function notALampCode(string $code, int $digits): self
    {
        return new self('code', $digits === 1 ? 'unfit.not-one-digit' : 'unfit.not-two-digits', ['value' => $code]);
    }

    public static function notOnThisCar(): self
    {
        return new self('do', 'unfit.not-on-this-car');
    }

    public static function knownGoodPartStillIn(): self
    {
        return new self('do', 'unfit.trial-part-still-in');
    }

    public static function withheld(): self
    {
        return new self('do', 'unfit.withheld');
    }

    public static function notDoneHere(): self
    {
        return new self('kind', 'unfit.not-done-here');
    }

    public static function notOnTheCard(int $step): self
    {
        return new self('entry', 'unfit.not-written-down', ['value' => $step]);
    }

    public static function struckOutAlready(int $step): self
    {
        return new self('entry', 'unfit.struck-out', ['value' => $step]);
    }

    public static function supportStruckOut(int $step): self
    {
        return new self('supports', 'unfit.struck-out', ['value' => $step]);
    }

    public static function notWrittenDown(int $step): self
    {
        return new self('supports', 'unfit.not-written-down', ['value' => $step]);
    }
}
