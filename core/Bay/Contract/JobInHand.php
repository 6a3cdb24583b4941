<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Car\Car;
use Lernfall\Vehicle\Vehicle;

/** What a procedure may know of the job it is part of when it checks whether an action makes sense. */
interface JobInHand
{
    /** The car as it would be with nothing wrong: what its plan and its data sheet tell. */
    public function sound(): Vehicle;

    public function car(): Car;

    /** @param  int  $number  counted from 1 */
    public function step(int $number): ?Step;

    /** Whether what this step wrote on the card has been struck out. */
    public function isStruckOut(int $number): bool;
}
