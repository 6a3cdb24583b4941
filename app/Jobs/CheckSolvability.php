<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Documents\ContentLibrary;
use App\Models\SolvabilityCheck;
use App\Work\QueueNames;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Lernfall\Format\SolvabilityFormat;

/** Works a case on several cars, and keeps how far it has come where whoever asked can see it. */
final class CheckSolvability implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $check)
    {
        $this->onQueue(QueueNames::BESIDE);
    }

    public function handle(ContentLibrary $library): void
    {
        $check = SolvabilityCheck::query()->findOrFail($this->check);
        $document = $library->caseReader()->read($check->document);
        $found = $library->solver($document->policy)->of($document->case, $document->knowledge, static function (int $done, int $of) use ($check): void {
            $check->update(['done' => $done, 'of' => $of]);
        });
        $check->update(['done' => $check->of, 'found' => SolvabilityFormat::write($found)]);
    }

    public function failed(): void
    {
        SolvabilityCheck::query()->whereKey($this->check)->update(['failed' => true]);
    }
}
