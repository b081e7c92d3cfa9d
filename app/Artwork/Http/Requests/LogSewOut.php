<?php

declare(strict_types=1);

namespace App\Artwork\Http\Requests;

use App\Foundation\Http\ReadsChoices;
use App\Shop\Catalogue\Catalogue;
use Hakama\Garment\Fabric;
use Hakama\Setup\Backing\Backing;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** A trial piece: on what, with what, and whether it came out. */
final class LogSewOut extends FormRequest
{
    use ReadsChoices;

    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'fabric' => ['required', Rule::enum(Fabric::class)],
            'backing' => ['required', Rule::enum(Backing::class)],
            'layers' => ['required', 'integer', 'min:0', 'max:6'],
            'needle' => ['required', 'string', 'max:24'],
            'speed' => ['required', 'integer', 'min:100', 'max:2000'],
            'passed' => ['required', 'boolean'],
            'remark' => ['nullable', 'string', 'max:300', Rule::requiredIf(! $this->boolean('passed'))],
            'who' => ['required', 'string', Rule::in($catalogue->people())],
            'photo' => ['nullable', 'file', 'max:6144'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'fabric.*' => 'Choose the cloth it was sewn on.',
            'backing.*' => 'Choose the backing.',
            'layers.*' => 'Layers are 0 to 6.',
            'needle.*' => 'Say which needle.',
            'speed.*' => 'Speed is 100 to 2000 stitches per minute.',
            'passed.*' => 'Say whether it came out.',
            'remark.required' => 'Say what went wrong, so that the next one knows.',
            'remark.max' => 'At most 300 letters.',
            'who.*' => 'Say who of the shop sewed it.',
            'photo.max' => 'The photo is larger than 6 MB.',
            'photo.*' => 'The photo did not arrive.',
        ];
    }

    /** @return array<string, mixed> columns of `sew_outs`, but for the photo */
    public function row(): array
    {
        return [
            'fabric' => $this->fabric(),
            'backing' => $this->enum('backing', Backing::class),
            'layers' => $this->integer('layers'),
            'needle' => $this->string('needle')->value(),
            'speed_spm' => $this->integer('speed'),
            'passed' => $this->boolean('passed'),
            'remark' => $this->remark(),
            'who' => $this->who(),
        ];
    }

    public function fabric(): Fabric
    {
        return $this->chosen('fabric', Fabric::class);
    }

    public function remark(): string
    {
        return trim($this->string('remark')->value());
    }

    public function who(): string
    {
        return trim($this->string('who')->value());
    }

    public function photo(): ?UploadedFile
    {
        $photo = $this->file('photo');

        return $photo instanceof UploadedFile ? $photo : null;
    }
}
