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
            'tape.required' => 'Choose a tape, or drop one here.',
            'tape.uploaded' => sprintf(
                'The file is too large to be taken in; a tape is at most %d MB.',
                intdiv(self::most(), 1024 ** 2),
            ),
            'tape.extensions' => 'That is a file of another kind. Two are read: the stitch tape that every machine and '.
                'every digitiser can write (its name ends in .dst), and drawings whose lines are sewn (.svg). Ask '.
                'whoever digitised it to save it as a .dst tape.',
            'tape.max' => sprintf(
                'The file is larger than %d MB; a tape of a million stitches is 3.',
                intdiv(self::most(), 1024 ** 2),
            ),
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
