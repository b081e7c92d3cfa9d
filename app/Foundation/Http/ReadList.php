<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A list that comes in as a file. */
class ReadList extends FormRequest
{
    protected const EXTENSIONS = 'csv';
    protected const MOST_MB = 4;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'list' => ['required', 'file', 'extensions:'.static::EXTENSIONS, 'max:'.(1024 * static::MOST_MB)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'list.required' => __('common.read_list.choose_a_file'),
            'list.extensions' => __('common.read_list.kinds', [
                'kinds' => '.'.str_replace(',', ', .', static::EXTENSIONS),
            ]),
            'list.*' => __('common.read_list.the_file_is_larger', ['mb' => static::MOST_MB]),
        ];
    }

    public function list(): UploadedFile
    {
        $file = $this->file('list');
        assert($file instanceof UploadedFile);

        return $file;
    }
}
