<?php

declare(strict_types=1);

namespace App\Api\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A stitch tape, or a drawing of the block colours. */
final class SendArtwork extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['nullable', 'string', 'max:120'],
            'tape' => ['required', 'file', 'extensions:dst,svg', 'max:'.intdiv((int) config('shop.tape_bytes'), 1024)],
        ];
    }

    public function tape(): UploadedFile
    {
        $file = $this->file('tape');
        assert($file instanceof UploadedFile);

        return $file;
    }
}
