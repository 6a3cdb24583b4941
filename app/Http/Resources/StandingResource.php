<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Attempt;
use App\Models\User;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** How the mark of an examination stands: proposed or confirmed, and what was said against it. */
#[OA\Schema(schema: 'Standing', required: ['confirmedAt', 'confirmedBy', 'objection', 'mayConfirm', 'mayObject', 'mayDecide'], properties: [
    new OA\Property(property: 'confirmedAt', description: 'null: a proposal', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'confirmedBy', description: 'null where it was marked before marks were confirmed', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'objection', oneOf: [new OA\Schema(ref: '#/components/schemas/Objection'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'mayConfirm', description: 'I', type: 'boolean'),
    new OA\Property(property: 'mayObject', description: 'I', type: 'boolean'),
    new OA\Property(property: 'mayDecide', description: 'I, about the objection', type: 'boolean'),
])]
#[OA\Schema(schema: 'Objection', required: ['text', 'raisedAt', 'upheld', 'decision', 'by', 'decidedAt'], properties: [
    new OA\Property(property: 'text', type: 'string'),
    new OA\Property(property: 'raisedAt', type: 'string', format: 'date-time'),
    new OA\Property(property: 'upheld', description: 'null until it is decided', oneOf: [new OA\Schema(type: 'boolean'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'decision', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'by', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'decidedAt', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
])]
final readonly class StandingResource
{
    /** @return ?array<string, mixed> null where there is no mark that counts: while it is open, in practice, in a trial */
    public static function of(Attempt $attempt): ?array
    {
        if ($attempt->concluded_at === null || $attempt->assignment_id === null || $attempt->version->isPractice()) {
            return null;
        }
        $objection = $attempt->objection;

        return [
            'confirmedAt' => $attempt->confirmed_at?->toIso8601String(),
            'confirmedBy' => $attempt->confirmed_by === null ? null : User::query()->whereKey($attempt->confirmed_by)->value('name'),
            'objection' => $objection === null ? null : [
                'text' => $objection->text, 'raisedAt' => $objection->raised_at->toIso8601String(), 'upheld' => $objection->upheld,
                'decision' => $objection->decision, 'by' => $objection->decider?->name, 'decidedAt' => $objection->decided_at?->toIso8601String(),
            ],
            'mayConfirm' => $attempt->confirmed_at === null && $attempt->markSheet !== null && Gate::allows('confirm', $attempt),
            'mayObject' => $objection === null && $attempt->markSheet !== null && Gate::allows('object', $attempt),
            'mayDecide' => $objection !== null && $objection->decided_at === null && Gate::allows('decideObjection', $attempt),
        ];
    }
}
