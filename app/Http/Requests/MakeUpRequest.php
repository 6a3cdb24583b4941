<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Assignment;
use App\Models\User;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Validator;

/** Nothing is sent: who and what stand in the address. */
final class MakeUpRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('direct', $this->route('assignment'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $assignment = $this->route('assignment');
            $person = $this->route('person');
            if ($assignment instanceof Assignment && $person instanceof User && ! $assignment->absences()->where('user_id', $person->id)->exists()) {
                $validator->errors()->add('person', Strings::text('form.make-up'));
            }
        }];
    }
}
