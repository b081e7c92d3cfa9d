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
            'fabric.*' => __('artwork.log_sew_out.choose_the_cloth_it_was_sewn'),
            'backing.*' => __('artwork.log_sew_out.choose_the_backing'),
            'layers.*' => __('artwork.log_sew_out.layers_0_to_6'),
            'needle.*' => __('artwork.log_sew_out.choose_the_needle'),
            'speed.*' => __('artwork.log_sew_out.speed_100_to_2000_spm'),
            'passed.*' => __('artwork.log_sew_out.choose_good_or_not_good'),
            'remark.required' => __('artwork.log_sew_out.write_what_went_wrong_for_the'),
            'remark.max' => __('artwork.log_sew_out.at_most_300_characters'),
            'who.*' => __('artwork.log_sew_out.choose_who_sewed_it'),
            'photo.max' => __('artwork.log_sew_out.the_photo_is_larger_than_6'),
            'photo.*' => __('artwork.log_sew_out.the_photo_did_not_arrive'),
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
