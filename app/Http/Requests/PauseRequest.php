<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewPause', required: ['paused'], properties: [new OA\Property(property: 'paused', type: 'boolean')])]
final class PauseRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('direct', $this->route('assignment'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['paused' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['paused.*' => Strings::text('form.yes-or-no')];
    }
}
