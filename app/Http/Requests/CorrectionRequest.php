<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewCorrection', required: ['criterion', 'points', 'reason'], properties: [
    new OA\Property(property: 'criterion', type: 'string'),
    new OA\Property(property: 'points', description: 'of it, that everybody gets at least', type: 'number', minimum: 0),
    new OA\Property(property: 'reason', description: 'read by everybody whose mark rises', type: 'string', minLength: 10, maxLength: 500),
])]
final class CorrectionRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('direct', $this->route('assignment'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['criterion' => ['bail', 'required', 'string'], 'points' => ['bail', 'required', 'numeric', 'min:0'], 'reason' => ['bail', 'required', 'string', 'min:10', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['criterion.*' => Strings::text('override.no-such'), 'points.*' => Strings::text('override.points-wrong'), 'reason.*' => Strings::text('override.reason-missing')];
    }
}
