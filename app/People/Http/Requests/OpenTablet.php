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
            'tablet.*' => 'Give it a name, such as “by the window”.',
            'machine.*' => 'The shop has no machine of that name.',
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
