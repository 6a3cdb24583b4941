<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Attempt;
use App\Models\User;
use App\Strings;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewPartner', required: ['partner'], properties: [new OA\Property(property: 'partner', description: 'who has been given the same', type: 'integer')])]
final class PairRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('pair', $this->route('attempt'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $attempt = $this->route('attempt');
        assert($attempt instanceof Attempt);
        $others = $attempt->assignment?->recipients()->where('id', '!=', $attempt->apprentice_id)->pluck('id')->all() ?? [];

        return ['partner' => ['required', 'integer', static function (string $field, mixed $value, Closure $fail) use ($others): void {
            in_array($value, $others, true) || $fail(Strings::text('pair.not-given-to'));
        }]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['partner.required' => Strings::text('pair.who'), 'partner.integer' => Strings::text('pair.who')];
    }

    public function partner(): User
    {
        return User::query()->findOrFail($this->integer('partner'));
    }
}
