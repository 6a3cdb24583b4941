<?php

declare(strict_types=1);

namespace App\Attempts;

use Illuminate\Support\Carbon;

/** When the reports of a published case open. Until then a closed job says that it was received, and no more. */
final readonly class Release
{
    /** @param  ?Carbon  $at  for the kinds that need a date */
    private function __construct(public ReleaseKind $kind, public ?Carbon $at)
    {
    }

    public static function of(ReleaseKind $kind, ?Carbon $at = null): self
    {
        return new self($kind, $kind->needsDate() ? $at : null);
    }

    /** Whoever practises sees at once what was wrong; else the instructor decides. */
    public static function usual(bool $practice): self
    {
        return new self($practice ? ReleaseKind::AtOnce : ReleaseKind::ByInstructor, null);
    }

    /** @param  ?array{kind: string, at?: ?string}  $kept  null: published before there was a choice */
    public static function read(?array $kept): self
    {
        return $kept === null ? new self(ReleaseKind::AtOnce, null) : new self(ReleaseKind::from($kept['kind']), isset($kept['at']) ? Carbon::parse($kept['at']) : null);
    }

    /** @return array{kind: string, at: ?string} */
    public function write(): array
    {
        return ['kind' => $this->kind->value, 'at' => $this->at?->toIso8601String()];
    }
}
