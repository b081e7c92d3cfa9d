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
            'frame.*' => 'Choose one of the shop’s frames.',
            'turn.*' => 'Choose which way up it goes in.',
            'backing.*' => 'Choose the backing.',
            'layers.*' => 'One to four layers.',
            'needle_size.*' => 'Choose a needle.',
            'needle_point.*' => 'Choose its point.',
            'speed.*' => 'Speed is 200 to 1500 stitches a minute.',
            'why.*' => 'At most 200 letters.',
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
