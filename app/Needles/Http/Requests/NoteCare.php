<?php

declare(strict_types=1);

namespace App\Needles\Http\Requests;

use App\Machine\Models\Machine;
use Hakama\Floor\Care\CareTask;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What was done for a machine. A needle that is changed is noted where needles are fitted. */
final class NoteCare extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $machine = $this->route('machine');
        assert($machine instanceof Machine);
        $isFoot = $this->input('task') === CareTask::FootHeight->value;

        return [
            'id' => ['required', 'uuid'],
            'task' => ['required', Rule::enum(CareTask::class)->except([CareTask::Needle])],
            'needle' => $isFoot ? ['required', 'integer', 'between:1,'.$machine->needles] : ['nullable'],
            'note' => [$isFoot ? 'required' : 'nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'task.*' => __('needles.note_care.choose_what_was_done'),
            'needle.*' => __('needles.note_care.choose_the_needle_whose_foot_was'),
            'note.*' => __('needles.note_care.enter_up_to_80_characters_how'),
        ];
    }

    public function task(): CareTask
    {
        return CareTask::from($this->string('task')->value());
    }

    public function needle(): ?int
    {
        return $this->task() === CareTask::FootHeight ? $this->integer('needle') : null;
    }
}
