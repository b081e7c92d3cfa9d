<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use Hakama\Machine\FrameSet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Sets of frames the shop has. */
final class ChooseFrames extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['sets' => ['required', 'array'], 'sets.*' => ['string', Rule::enum(FrameSet::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'sets' => __('shop.choose_frames.tick_your_frames_or_skip_this'),
            'sets.*' => __('shop.choose_frames.tick_your_frames_or_skip_this'),
        ];
    }

    /** @return list<FrameSet> */
    public function sets(): array
    {
        return array_values(
            array_map(static fn(mixed $set): FrameSet => FrameSet::from((string) $set), $this->array('sets')),
        );
    }
}
