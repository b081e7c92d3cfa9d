<?php

declare(strict_types=1);

namespace App\Artwork\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** Another file in an artwork’s place, and why. */
final class ReplaceTape extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'tape' => ['required', 'file', 'extensions:dst', 'max:'.intdiv((int) config('shop.tape_bytes'), 1024)],
            'why' => ['required', 'string', 'max:200'],
            'sure' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'tape.required' => __('artwork.replace_tape.choose_the_new_file'),
            'tape.*' => __('artwork.replace_tape.this_is_not_a_stitch_file'),
            'why.*' => __('artwork.replace_tape.give_the_reason_it_is_kept'),
        ];
    }

    public function tape(): UploadedFile
    {
        $file = $this->file('tape');
        assert($file instanceof UploadedFile);

        return $file;
    }

    public function why(): string
    {
        return trim($this->string('why')->value());
    }
}
