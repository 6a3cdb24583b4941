<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Withdrawal', required: ['withdrawn'], properties: [
    new OA\Property(property: 'withdrawn', description: 'false gives it out again', type: 'boolean'),
])]
final class WithdrawalRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('own', $this->route('case'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['withdrawn' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['withdrawn.*' => Strings::text('form.withdrawn')];
    }
}
