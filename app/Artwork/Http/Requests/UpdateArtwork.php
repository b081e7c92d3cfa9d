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
            'name.*' => 'An artwork has a name of at most 120 letters.',
            'variant.*' => 'Choose what this version is for.',
            'copies.*' => 'How many pieces one frame of it holds, 1 to '.CopiesPerFrame::MOST.'.',
            'family.*' => 'Choose the artwork it is a version of.',
            'letter_mm.*' => 'The smallest letters are 1 to 200 mm high; leave it empty where there are none.',
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
                            'Somebody else changed this artwork meanwhile; what you typed is still here. Look at '.
                                'what they changed; keeping it now puts yours in its place.',
                        );
                }
                if ($this->familyId() !== null && $this->artwork()->versions()->exists()) {
                    $validator
                        ->errors()
                        ->add('family', 'Other versions are kept under this one: it stays the first of them.');
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
