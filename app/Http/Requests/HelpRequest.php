<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'HelpWanted', required: ['wanted'], properties: [new OA\Property(property: 'wanted', type: 'boolean')])]
final class HelpRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('work', $this->route('attempt'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['wanted' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['wanted.*' => Strings::text('form.yes-or-no')];
    }
}
