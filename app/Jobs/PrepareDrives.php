<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Attempts\JobFold;
use App\Documents\ContentLibrary;
use App\Models\CaseVersion;
use App\Work\QueueNames;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Format\ActionReader;

/** Works out the usual drives of every car that could be there, before class and a few seconds at a time, so that marks of jobs in which somebody drives do not wait for them. */
final class PrepareDrives implements ShouldQueue
{
    use Queueable;

    /**
     * @param  int  $drive  which of the usual ones
     * @param  int  $from  first of the cars it is still to be worked out for
     */
    public function __construct(private readonly int $version, private readonly int $drive = 0, private readonly int $from = 0)
    {
        $this->onQueue(QueueNames::BESIDE);
    }

    public function handle(ContentLibrary $library, JobFold $fold): void
    {
        $version = CaseVersion::query()->find($this->version);
        $written = config()->array('lernfall.usual_drives')[$this->drive] ?? null;
        if ($version === null || ! is_array($written)) {
            return;
        }
        $document = $fold->document($version);
        $evidence = $library->evidence()->of($document->case, $document->knowledge);
        $drive = ActionReader::read($written);
        $until = microtime(true) + config()->float('lernfall.seconds_at_a_time');
        foreach (array_slice($evidence->hypotheses->all, $this->from) as $done => $hypothesis) {
            if ($done > 0 && microtime(true) >= $until) {
                self::dispatch($this->version, $this->drive, $this->from + $done);

                return;
            }
            $running = $evidence->simulator->predict($hypothesis->car, new TurnKey(Ignition::Running))[0]->car;
            assert($drive instanceof CarAction);
            $evidence->simulator->predict($running, $drive);
        }
        self::dispatch($this->version, $this->drive + 1);
    }
}
