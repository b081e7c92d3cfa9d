<?php

declare(strict_types=1);

namespace App\Needles\Http\Requests;

use App\Machine\Models\Machine;
use Hakama\Machine\NeedleType;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What was fitted on which needles of a machine. */
final class FitNeedles extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $machine = $this->route('machine');
        assert($machine instanceof Machine);

        return [
            'id' => ['required', 'uuid'],
            'numbers' => ['required', 'array', 'min:1'],
            'numbers.*' => ['integer', 'distinct', 'between:1,'.$machine->needles],
            'size' => ['required', Rule::in(NeedleType::SIZES)],
            'point' => ['required', Rule::in(NeedleType::POINTS)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'numbers.*' => __('needles.fit_needles.choose_needles_the_machine_has'),
            'size.*' => __('needles.fit_needles.choose_a_size_you_keep'),
            'point.*' => __('needles.fit_needles.choose_sharp_or_ballpoint'),
        ];
    }

    /** @return list<int> */
    public function numbers(): array
    {
        return array_map(intval(...), array_values($this->array('numbers')));
    }

    public function type(): NeedleType
    {
        return new NeedleType($this->string('size')->value(), $this->string('point')->value());
    }
}
