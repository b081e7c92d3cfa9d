<?php

declare(strict_types=1);

namespace App\Artwork\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A tape, or a drawing of the block colours, that comes in. */
final class StoreTape extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['nullable', 'string', 'max:120'],
            'tape' => ['required', 'file', 'extensions:dst,svg', 'max:'.intdiv(self::most(), 1024)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'tape.required' => __('artwork.store_tape.choose_a_file_or_drop_one'),
            'tape.uploaded' => __('artwork.store_tape.the_file_is_too_large_at', [
                'most' => intdiv(self::most(), 1024 ** 2),
            ]),
            'tape.extensions' => __('artwork.store_tape.this_file_type_is_not_supported'),
            'tape.max' => __('artwork.store_tape.the_file_is_larger_than_mb', [
                'most' => intdiv(self::most(), 1024 ** 2),
            ]),
        ];
    }

    public function tape(): UploadedFile
    {
        $file = $this->file('tape');
        assert($file instanceof UploadedFile);

        return $file;
    }

    public function name(): string
    {
        return trim($this->string('name')->value());
    }

    /** @return int bytes */
    private static function most(): int
    {
        return (int) config('shop.tape_bytes');
    }
}
