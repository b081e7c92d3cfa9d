<?php

declare(strict_types=1);

namespace App\Setup\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What was counted anew of one kind of backing. */
final class CountBacking extends FormRequest
{
    public const LENGTH = ['required', 'numeric', 'between:0,500000'];
    public const METRES = ['required', 'numeric', 'between:0,500'];
    public const COUNT = ['required', 'integer', 'between:0,100000'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'count' => self::COUNT,
            // Of a roll it is metres that are counted.
            ...$this->has('metres') ? ['metres' => self::METRES] : ['length' => self::LENGTH],
        ];
    }

    /** @return array<string, string> */
    public static function words(): array
    {
        return [
            'length.*' => __('setup.count_backing.length'),
            'metres.*' => __('setup.count_backing.metres'),
            'count.*' => __('setup.count_backing.count'),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::words();
    }

    /** @return array<string, mixed> columns of `backing_stocks` */
    public function row(): array
    {
        return [
            'count' => $this->integer('count'),
            'length_mm' => $this->has('metres') ? 1000 * $this->float('metres') : $this->float('length'),
        ];
    }
}
