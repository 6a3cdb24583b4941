<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\JoinRequest;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'LetIn', required: ['letIn'], properties: [
    new OA\Property(property: 'letIn', description: 'false refuses', type: 'boolean'),
])]
final class LetInRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        $asked = $this->route('joinRequest');

        return $asked instanceof JoinRequest && Gate::allows('manage', $asked->group);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['letIn' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['letIn.*' => Strings::text('join.let-in-or-not')];
    }
}
