<?php

declare(strict_types=1);

namespace App\Setup\Http\Requests;

use App\Machine\Models\Frame;
use Hakama\Machine\NeedleType;
use Hakama\Setup\Advice;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Rules\Choice;
use Hakama\Stitch\Turn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How a decoration is sewn: where a field says nothing, as advised. */
final class ChooseSetup extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'frame' => ['required', Rule::exists('frames', 'code')],
            'turn' => ['required', Rule::enum(Turn::class)],
            'backing' => ['nullable', Rule::enum(Backing::class)],
            'layers' => ['nullable', 'integer', 'min:1', 'max:4'],
            'adhesive' => ['nullable', 'boolean'],
            'topper' => ['nullable', 'boolean'],
            'needle_size' => ['nullable', Rule::in(NeedleType::SIZES)],
            'needle_point' => ['nullable', Rule::in(NeedleType::POINTS)],
            'speed' => ['nullable', 'integer', 'min:200', 'max:1500'],
            'seen' => ['nullable', 'string', 'max:40'],
            'why' => ['array'],
            'why.*' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'frame.*' => __('setup.choose_setup.choose_one_of_your_frames'),
            'turn.*' => __('setup.choose_setup.choose_the_rotation'),
            'backing.*' => __('setup.choose_setup.choose_the_backing'),
            'layers.*' => __('setup.choose_setup.one_to_four_layers'),
            'needle_size.*' => __('setup.choose_setup.choose_a_needle'),
            'needle_point.*' => __('setup.choose_setup.choose_its_point'),
            'speed.*' => __('setup.choose_setup.speed_200_to_1500_spm'),
            'why.*' => __('setup.choose_setup.at_most_200_characters'),
        ];
    }

    public function frame(): Frame
    {
        return Frame::query()
            ->where('code', $this->string('frame')->value())
            ->firstOrFail();
    }

    public function turn(): Turn
    {
        return Turn::from($this->integer('turn'));
    }

    public function choice(Advice $advice, Fit $fit): Choice
    {
        $kind = $this->enum('backing', Backing::class);

        return new Choice(
            $fit,
            $kind === null
                ? $advice->backing
                : new Layers($kind, $this->integer('layers', $advice->backing->count), $this->boolean('adhesive')),
            $this->has('topper') ? $this->boolean('topper') : $advice->topper,
            new NeedleType(
                $this->string('needle_size')->value() ?: $advice->needle->size,
                $this->string('needle_point')->value() ?: $advice->needle->point,
            ),
            $this->integer('speed') ?: $advice->speedSpm,
        );
    }

    /** @return array<string, string> what departs from the advice => why */
    public function reasons(): array
    {
        return array_map(strval(...), $this->array('why'));
    }
}
