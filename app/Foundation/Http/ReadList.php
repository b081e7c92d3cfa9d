<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A list that comes in as a file. */
class ReadList extends FormRequest
{
    protected const EXTENSIONS = 'csv';
    protected const KINDS = 'A list is a .csv file.';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'list' => ['required', 'file', 'extensions:'.static::EXTENSIONS, 'max:4096'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'list.required' => 'Choose a list.',
            'list.extensions' => static::KINDS,
            'list.*' => 'The list is larger than 4 MB, or did not arrive.',
        ];
    }

    public function list(): UploadedFile
    {
        $file = $this->file('list');
        assert($file instanceof UploadedFile);

        return $file;
    }
}
