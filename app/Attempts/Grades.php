<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Grade;
use Illuminate\Support\Facades\DB;

/** The school's table of grades, as it is kept. */
final readonly class Grades
{
    public function table(): GradeTable
    {
        return new GradeTable(array_values(Grade::query()->orderByDesc('from_percent')->get()->map(static fn (Grade $one): array => ['from' => $one->from_percent, 'grade' => $one->grade])->all()));
    }

    /** @param  list<array{from: float, grade: string}>  $steps */
    public function set(array $steps): void
    {
        DB::transaction(static function () use ($steps): void {
            Grade::query()->delete();
            foreach ($steps as $one) {
                Grade::query()->create(['from_percent' => $one['from'], 'grade' => $one['grade']]);
            }
        });
    }
}
