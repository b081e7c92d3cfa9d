<?php

declare(strict_types=1);

namespace App\Artwork\Http\Requests;

use App\Artwork\Models\Artwork;
use App\Foundation\StateHash;
use Hakama\Artwork\Variant;
use Hakama\Machine\CopiesPerFrame;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Its name, what the version is for and of which artwork it is one, whether there is lettering. */
final class UpdateArtwork extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'seen' => ['nullable', 'string', 'max:40'],
            'name' => ['required', 'string', 'max:120'],
            'variant' => ['required', Rule::enum(Variant::class)],
            'family' => ['nullable', 'integer', Rule::exists('artworks', 'id')->whereNull('family_id')],
            'lettering' => ['nullable', Rule::in(['', '0', '1'])],
            'letter_mm' => ['nullable', 'numeric', 'between:1,200'],
            'copies' => ['sometimes', 'required', 'integer', 'between:1,'.CopiesPerFrame::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => __('artwork.update_artwork.the_name_can_have_up_to'),
            'variant.*' => __('artwork.update_artwork.choose_what_this_version_is_for'),
            'copies.*' => __('artwork.update_artwork.pieces_per_frame_1_to', ['value' => CopiesPerFrame::MOST]),
            'family.*' => __('artwork.update_artwork.choose_the_artwork_this_is_a'),
            'letter_mm.*' => __('artwork.update_artwork.smallest_letters_1_to_200_mm'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($this->filled('seen') && $this->string('seen')->value() !== StateHash::of($this->artwork()->said())) {
                    $validator
                        ->errors()
                        ->add(
                            'name',
                            __('artwork.update_artwork.somebody_else_changed_this_artwork_in'),
                        );
                }
                if ($this->familyId() !== null && $this->artwork()->versions()->exists()) {
                    $validator
                        ->errors()
                        ->add('family', __('artwork.update_artwork.other_versions_belong_to_this_one'));
                }
            },
        ];
    }

    /** @return array<string, mixed> columns of `artworks` */
    public function row(): array
    {
        return [
            'name' => trim($this->string('name')->value()),
            ...$this->has('copies') ? ['copies' => $this->integer('copies')] : [],
            'variant' => $this->enum('variant', Variant::class),
            'family_id' => $this->familyId(),
            'lettering' => match (true) {
                // Letters that have a height are there.
                $this->filled('letter_mm') => true,
                $this->filled('lettering') => $this->boolean('lettering'),
                default => null,
            },
            'letter_mm' => $this->filled('letter_mm') ? $this->float('letter_mm') : null,
        ];
    }

    /** An artwork is no version of itself. */
    private function familyId(): ?int
    {
        $family = $this->integer('family');

        return $family === 0 || $family === $this->artwork()->id ? null : $family;
    }

    private function artwork(): Artwork
    {
        $artwork = $this->route('artwork');
        assert($artwork instanceof Artwork);

        return $artwork;
    }
}
