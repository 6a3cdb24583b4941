<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scope;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;

/** The oscilloscope on the bench. */
final readonly class Scope implements Equipment
{
    /**
     * @param  int  $samples  of one sweep
     * @param  int  $samplesCompared  of a sweep that is only compared by its figures, which fewer give as well
     * @param  int  $stepsPerDivision  of its converter
     * @param  float  $noiseSteps  standard deviation of one sample
     */
    public function __construct(
        public float $inputOhms,
        public int $samples,
        public int $samplesCompared,
        public int $divisionsAcross,
        public int $divisionsUp,
        public int $stepsPerDivision,
        public float $noiseSteps,
    ) {
    }

    public static function read(Node $workshop): static
    {
        $scope = $workshop->at('scope');

        return new self(
            $scope->float('inputOhms'), $scope->int('samples'), $scope->int('samplesCompared'), $scope->int('divisionsAcross'), $scope->int('divisionsUp'),
            $scope->int('stepsPerDivision'), $scope->float('noiseSteps'),
        );
    }

    /** The same scope, which never saves on samples. */
    public function fine(): self
    {
        return new self($this->inputOhms, $this->samples, $this->samples, $this->divisionsAcross, $this->divisionsUp, $this->stepsPerDivision, $this->noiseSteps);
    }

    /** The converter's greatest step, up or down from the middle of the screen. */
    public function greatestStep(): int
    {
        return intdiv($this->divisionsUp * $this->stepsPerDivision, 2);
    }
}
