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
                $fail(__('setup.log_practice.enter_at_least_one_sewn_piece'));
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
            'fabric.*' => __('setup.log_practice.choose_the_cloth'),
            'frame_kind.*' => __('setup.log_practice.choose_the_kind_of_frame'),
            'position.*' => __('setup.log_practice.choose_the_position'),
            'who.*' => __('setup.log_practice.choose_who_sewed_it'),
            'on_scrap.*' => __('setup.log_practice.choose_scrap_or_real'),
            'came_out.*' => __('setup.log_practice.good_0_to_1000'),
            'failed.integer' => __('setup.log_practice.not_good_0_to_1000'),
            'failed.between' => __('setup.log_practice.not_good_0_to_1000'),
            'remark.required' => __('setup.log_practice.write_what_went_wrong_for_the'),
            'remark.max' => __('setup.log_practice.at_most_200_characters'),
        ];
    }

    public function fabric(): Fabric
    {
        return $this->chosen('fabric', Fabric::class);
    }
}
