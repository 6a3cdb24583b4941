<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\BuiltIn;
use App\Models\Attempt;
use App\Models\MarkSheetRecord;
use Lernfall\Format\MarkSheetFormat;
use Lernfall\Revision;

/** The marks of a concluded attempt: computed once, then kept. */
final readonly class Marks
{
    public function __construct(private BuiltIn $builtIn, private JobFold $fold)
    {
    }

    public function of(Attempt $attempt): MarkSheetRecord
    {
        return MarkSheetRecord::query()->firstOrCreate(['attempt_id' => $attempt->id], fn (): array => [
            'sheet' => MarkSheetFormat::write($this->builtIn->marker()->mark(
                $this->fold->of($attempt),
                $this->fold->document($attempt->version)->policy,
                $this->fold->document($attempt->version)->knowledge,
            )),
            'core_revision' => Revision::CURRENT,
            'marked_at' => now(),
        ]);
    }
}
