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
            'frame.*' => 'Choose one of the shop’s clamps.',
            'machine.*' => 'Choose the machine.',
            'x.*' => 'How far to the right the true centre was found, -200 to 200 mm.',
            'y.*' => 'How far away from you it was found, -200 to 200 mm.',
            'nudges.*' => 'How often the sensor arm was moved, 0 to 60.',
            'checked.*' => 'Each step is ticked when it is done.',
            'who.*' => 'Say who of the shop found it.',
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
