<?php

declare(strict_types=1);

namespace App\Floor\Http\Requests;

use App\Foundation\Http\ReadsChoices;
use Hakama\Floor\EventKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Something was recorded that did not happen: the piece it was about, and why. */
final class PutRight extends FormRequest
{
    use ReadsChoices;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'kind' => ['required', Rule::in([EventKind::PieceReturned->value, EventKind::SpoilWithdrawn->value])],
            'of' => ['required', 'string', 'regex:/^\d+:\d+$/'],
            'reason' => ['required', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'of.*' => __('floor.put_right.choose_the_entry_to_correct'),
            'reason.required' => __('floor.put_right.give_the_reason_it_is_kept'),
            'reason.max' => __('floor.put_right.at_most_200_characters'),
            'kind.*' => __('floor.put_right.choose_the_entry_to_correct'),
        ];
    }

    public function kind(): EventKind
    {
        return $this->chosen('kind', EventKind::class);
    }

    /** @return array{int, int} number of the event, and of the piece */
    public function of(): array
    {
        return array_map(intval(...), explode(':', $this->string('of')->value(), 2)) + [0, 0];
    }
}
