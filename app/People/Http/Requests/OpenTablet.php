<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\Machine\Models\Machine;
use Illuminate\Foundation\Http\FormRequest;

/** A tablet that is to be let in. */
final class OpenTablet extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'tablet' => ['required', 'string', 'max:40'],
            'machine' => ['nullable', 'string', 'exists:machines,code'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'tablet.*' => __('people.open_tablet.give_it_a_name_for_example'),
            'machine.*' => __('people.open_tablet.there_is_no_machine_with_that'),
        ];
    }

    /** The machine it stands at, where it stands at one. */
    public function machine(): ?int
    {
        return Machine::query()
            ->where('code', $this->string('machine')->value())
            ->first()?->id;
    }
}
