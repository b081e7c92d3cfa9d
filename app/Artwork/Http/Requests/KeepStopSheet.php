<?php

declare(strict_types=1);

namespace App\Artwork\Http\Requests;

use Hakama\Artwork\BlockRole;
use Hakama\Artwork\StopAction;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What each block is for and what happens at the stop before it. */
final class KeepStopSheet extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'seen' => ['required', 'string'],
            'blocks' => ['required', 'array'],
            'blocks.*.role' => ['nullable', Rule::enum(BlockRole::class)],
            'blocks.*.action' => ['nullable', Rule::enum(StopAction::class)],
            'blocks.*.also' => ['nullable', 'array'],
            'blocks.*.also.*' => [Rule::enum(StopAction::class)->only(StopAction::together())],
            'blocks.*.note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'blocks.*.role' => __('artwork.keep_stop_sheet.choose_the_purpose_of_the_block'),
            'blocks.*.action' => __('artwork.keep_stop_sheet.choose_what_happens_at_the_stop'),
            'blocks.*.also' => __('artwork.keep_stop_sheet.choose_what_else_happens_at_the'),
            'blocks.*.also.*' => __('artwork.keep_stop_sheet.choose_what_else_happens_at_the'),
            'blocks.*.note.max' => __('artwork.keep_stop_sheet.a_note_can_have_up_to'),
        ];
    }

    /** The sign of the sheet that was looked at. */
    public function seen(): string
    {
        return $this->string('seen')->value();
    }

    /** Where no part was chosen, the proposed one holds. */
    public function acceptsProposals(): bool
    {
        return $this->boolean('accept');
    }

    /**
     * @return array<int, array{role: string|null, action: string|null, also: string, note: string}> number of the block => what is
     *     said of it
     */
    public function blocks(): array
    {
        $given = [];
        foreach ($this->array('blocks') as $number => $block) {
            $given[(int) $number] = [
                'role' => $block['role'] ?? '' ?: null,
                'action' => $block['action'] ?? '' ?: null,
                'also' => StopAction::kept(
                    StopAction::read(implode(',', array_map(strval(...), array_values($block['also'] ?? [])))),
                ),
                'note' => trim((string) ($block['note'] ?? '')),
            ];
        }

        return $given;
    }
}
