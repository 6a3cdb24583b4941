<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use Carbon\CarbonInterface;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Job\Job;

/** An action that can be done next and has not been done yet. */
final readonly class AdmittedAction
{
    /**
     * @param  Job  $before  as it stands
     * @param  array<string, mixed>  $written  the action as it came
     * @param  CarbonInterface  $at  when it was admitted
     * @param  ?int  $by  whose it is, of two who work together
     */
    public function __construct(public Attempt $attempt, public Job $before, public Action $next, public string $key, public array $written, public CarbonInterface $at, public ?int $by = null)
    {
    }
}
