<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Assignment;
use App\Strings;
use Closure;
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
        return Gate::allows('direct', $this->route('assignment'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['withdrawn' => ['required', 'boolean', function (string $field, mixed $value, Closure $fail): void {
            $assignment = $this->route('assignment');
            if ($assignment instanceof Assignment && $assignment->annulled_at !== null) {
                $fail(Strings::text('form.annulled'));
            }
        }]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['withdrawn.required' => Strings::text('form.withdrawn'), 'withdrawn.boolean' => Strings::text('form.withdrawn')];
    }
}
