<?php

declare(strict_types=1);

namespace App\Setup\Http\Requests;

use App\Foundation\Words\Words;
use App\Machine\Models\Frame;
use Hakama\Picture\PictureQuestion;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What somebody touched in a picture, or the page found there: pixels, and where they are on the frame. */
final class MeasurePlace extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $pixel = ['required', 'numeric', 'between:-20000,20000'];

        return [
            'frame' => ['required', 'string', Rule::exists('frames', 'code')],
            'points' => ['required', 'array', 'min:4', 'max:12'],
            'points.*.px' => ['required', 'array', 'size:2'],
            'points.*.px.*' => $pixel,
            'points.*.mm' => ['required', 'array', 'size:2'],
            'points.*.mm.*' => ['required', 'numeric', 'between:-2000,2000'],
            'ask' => ['nullable', Rule::enum(PictureQuestion::class)],
            'touched' => ['required', 'array', 'size:'.count($this->question()->points())],
            'touched.*' => ['required', 'array', 'size:2'],
            'touched.*.*' => $pixel,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'frame.*' => __('setup.measure_place.choose_one_of_your_frames'),
            'ask.*' => __('setup.measure_place.choose_what_to_measure'),
            '*' => __('setup.measure_place.touch_the_four_points_of_the', [
                'value' => Words::say($this->question()->asked()),
            ]),
        ];
    }

    public function frame(): Frame
    {
        return Frame::query()
            ->where('code', $this->string('frame')->value())
            ->firstOrFail();
    }

    /** @return list<array{array{float, float}, array{float, float}}> pixel and millimetre */
    public function points(): array
    {
        return array_values(
            array_map(
                static fn(array $one): array => [self::pair($one['px']), self::pair($one['mm'])],
                $this->array('points'),
            ),
        );
    }

    public function question(): PictureQuestion
    {
        return $this->enum('ask', PictureQuestion::class) ?? PictureQuestion::Place;
    }

    /** @return list<array{float, float}> pixels, as the question names them */
    public function touched(): array
    {
        return array_values(array_map(self::pair(...), $this->array('touched')));
    }

    /**
     * @param array<mixed> $of
     *
     * @return array{float, float}
     */
    private static function pair(array $of): array
    {
        [$a, $b] = array_values($of);

        return [(float) $a, (float) $b];
    }
}
