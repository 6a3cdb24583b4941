<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\Prediction;

/** One way a trial can go. */
final readonly class Shown
{
    /**
     * @param  ?Car  $car  as it stands then; null once nothing more is done to it
     * @param  list<Prediction>  $predictions  look by look
     */
    public function __construct(public float $weight, public ?Car $car, public array $predictions)
    {
    }

    public function over(): self
    {
        return new self($this->weight, null, $this->predictions);
    }

    public function then(Branch $branch, bool $looks): self
    {
        return new self($this->weight * $branch->weight, $branch->car, $looks ? [...$this->predictions, $branch->prediction] : $this->predictions);
    }
}
