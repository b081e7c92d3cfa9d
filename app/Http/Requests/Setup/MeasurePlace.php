<?php

declare(strict_types=1);

namespace App\Http\Requests\Setup;

use App\Models\Frame;
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
            'mark' => ['required', 'array', 'size:2'],
            'mark.*' => $pixel,
            'up' => ['required', 'array', 'size:2'],
            'up.*' => $pixel,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'frame.*' => 'Choose one of the shop’s frames.',
            '*' => 'Touch the four points of the frame, the cross, and a point straight up from it.',
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

    /** @return array{float, float} */
    public function at(string $field): array
    {
        return self::pair($this->array($field));
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
