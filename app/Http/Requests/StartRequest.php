<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Start', properties: [
    new OA\Property(property: 'again', description: 'where I have closed it: a new car of the same case', type: 'boolean'),
])]
final class StartRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('work', $this->route('job'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['again' => ['sometimes', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['again.*' => Strings::text('form.again')];
    }
}
