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
            'tape.required' => 'Choose the tape that takes its place.',
            'tape.*' => 'That is no stitch tape (its name ends in .dst). Ask whoever digitised it to save it as one.',
            'why.*' => 'Say why it is replaced: it is kept with the file before.',
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
