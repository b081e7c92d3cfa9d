<?php

declare(strict_types=1);

namespace App\Floor\Http\Requests;

use App\Artwork\Photo;
use App\Foundation\Http\ReadsChoices;
use App\Shop\Catalogue\Catalogue;
use Hakama\Floor\SpoilCause;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** What somebody says who has looked at a piece. */
final class CheckPiece extends FormRequest
{
    use ReadsChoices;

    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'id' => ['required', 'uuid'],
            'verdict' => ['required', Rule::in(['good', 'rework', 'reject'])],
            'cause' => ['nullable', 'required_if:verdict,reject', Rule::enum(SpoilCause::class)],
            'note' => ['nullable', 'required_if:verdict,rework', 'string', 'max:200'],
            'picture' => ['nullable', 'file', 'max:6144'],
            'spot_x' => ['nullable', 'required_with:spot_y', 'numeric', 'between:0,1'],
            'spot_y' => ['nullable', 'required_with:spot_x', 'numeric', 'between:0,1'],
            'who' => ['required', 'string', Rule::in($catalogue->people())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'verdict.*' => __('floor.check_piece.choose_pass_fix_or_reject'),
            'cause.*' => __('floor.check_piece.give_the_reason_for_rejecting'),
            'note.required_if' => __('floor.check_piece.write_what_to_fix'),
            'note.*' => __('floor.check_piece.at_most_200_characters'),
            'picture.max' => __('floor.check_piece.the_picture_is_larger_than_6'),
            'picture.*' => __('floor.check_piece.the_picture_did_not_arrive'),
            'spot_x.*' => __('floor.check_piece.touch_the_place_on_the_picture'),
            'spot_y.*' => __('floor.check_piece.touch_the_place_on_the_picture'),
            'who.*' => __('floor.check_piece.choose_who_inspected'),
            'id.*' => __('floor.check_piece.reload_the_page'),
        ];
    }

    public function form(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function who(): string
    {
        return $this->string('who')->value();
    }

    public function note(): string
    {
        return $this->string('note')->trim()->value();
    }

    /** @return array{photo: string|null, spot_x: float|null, spot_y: float|null} a picture of it, and the place that is meant */
    public function seen(): array
    {
        $file = $this->file('picture');
        $photo = $file instanceof UploadedFile ? Photo::keep($file, 'picture') : null;
        $isMarked = $photo !== null && $this->filled('spot_x');

        return [
            'photo' => $photo,
            'spot_x' => $isMarked ? $this->float('spot_x') : null,
            'spot_y' => $isMarked ? $this->float('spot_y') : null,
        ];
    }

    public function isGood(): bool
    {
        return $this->input('verdict') === 'good';
    }

    public function isRejected(): bool
    {
        return $this->input('verdict') === 'reject';
    }

    public function cause(): SpoilCause
    {
        return $this->chosen('cause', SpoilCause::class);
    }
}
