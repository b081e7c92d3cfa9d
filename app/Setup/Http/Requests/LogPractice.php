<?php

declare(strict_types=1);

namespace App\Setup\Http\Requests;

use App\Foundation\Http\ReadsChoices;
use App\Shop\Catalogue\Catalogue;
use Closure;
use Hakama\Garment\Fabric;
use Hakama\Garment\Position;
use Hakama\Machine\FrameKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How a trial on some cloth in some kind of frame came out. */
final class LogPractice extends FormRequest
{
    use ReadsChoices;

    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        $sewn = function (string $field, mixed $value, Closure $fail): void {
            if ((int) $value + $this->integer('came_out') === 0) {
                $fail('At least one was sewn.');
            }
        };

        return [
            'fabric' => ['required', Rule::enum(Fabric::class)],
            'frame_kind' => ['required', Rule::enum(FrameKind::class)],
            'position' => ['nullable', Rule::enum(Position::class)],
            'who' => ['required', 'string', Rule::in($catalogue->people())],
            'on_scrap' => ['required', 'boolean'],
            'came_out' => ['required', 'integer', 'between:0,1000'],
            'failed' => ['required', 'integer', 'between:0,1000', $sewn],
            'remark' => ['nullable', 'string', 'max:200', Rule::requiredIf($this->integer('failed') > 0)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'fabric.*' => 'Choose the cloth.',
            'frame_kind.*' => 'Choose the kind of frame.',
            'position.*' => 'Choose where on the garment.',
            'who.*' => 'Say who of the shop sewed it.',
            'on_scrap.*' => 'On scrap or for real.',
            'came_out.*' => 'How many came out, 0 to 1000.',
            'failed.integer' => 'How many did not, 0 to 1000.',
            'failed.between' => 'How many did not, 0 to 1000.',
            'remark.required' => 'Say what went wrong, so that the next one knows.',
            'remark.max' => 'At most 200 letters.',
        ];
    }

    public function fabric(): Fabric
    {
        return $this->chosen('fabric', Fabric::class);
    }
}
