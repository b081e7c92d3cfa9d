<?php

declare(strict_types=1);

namespace App\Setup\Http\Requests;

use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Shop\Catalogue\Catalogue;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The true centre of a clamp's window, as somebody found it; or that it was dropped. */
final class KeepClamp extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        $found = Rule::requiredIf(! $this->boolean('dropped'));

        return [
            'frame' => ['required', 'string', Rule::exists('frames', 'code')->where('kind', FrameKind::Clamp->value)],
            'machine' => ['required', 'string', Rule::exists('machines', 'code')],
            'dropped' => ['nullable', 'boolean'],
            'x' => [$found, 'nullable', 'numeric', 'between:-200,200'],
            'y' => [$found, 'nullable', 'numeric', 'between:-200,200'],
            'nudges' => ['nullable', 'integer', 'between:0,60'],
            'checked' => [$found, 'array'],
            'checked.*' => ['string', 'max:40'],
            'take_over' => ['nullable', 'boolean'],
            'who' => ['required', 'string', Rule::in($catalogue->people())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'frame.*' => __('setup.keep_clamp.choose_a_clamp'),
            'machine.*' => __('setup.keep_clamp.choose_the_machine'),
            'x.*' => __('setup.keep_clamp.right_200_to_200_mm'),
            'y.*' => __('setup.keep_clamp.back_200_to_200_mm'),
            'nudges.*' => __('setup.keep_clamp.arm_steps_0_to_60'),
            'checked.*' => __('setup.keep_clamp.tick_each_step_when_it_is'),
            'who.*' => __('setup.keep_clamp.choose_who_found_it'),
        ];
    }

    public function frame(): Frame
    {
        return Frame::query()
            ->where('code', $this->string('frame')->value())
            ->firstOrFail();
    }

    public function machine(): Machine
    {
        return Machine::query()
            ->where('code', $this->string('machine')->value())
            ->firstOrFail();
    }

    public function takesClamps(): bool
    {
        return in_array(Driver::Clamp->value, $this->machine()->drivers, true);
    }
}
