<?php

declare(strict_types=1);

namespace App\Http\Requests\Thread;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A list that comes in as a file. */
final class ReadList extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'list' => ['required', 'file', 'extensions:csv,xlsx', 'max:4096'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'list.required' => 'Choose a list.',
            'list.extensions' => 'A list is a .csv or an .xlsx file.',
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
