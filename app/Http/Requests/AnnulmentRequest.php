<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Annulment', required: ['reason'], properties: [
    new OA\Property(property: 'reason', description: 'read by everybody who had it', type: 'string', maxLength: 400),
])]
final class AnnulmentRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('direct', $this->route('assignment'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['reason' => ['bail', 'required', 'string', 'max:400']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.*' => Strings::text('form.annulment-reason')];
    }
}
