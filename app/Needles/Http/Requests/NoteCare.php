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
            'task.*' => 'Choose what was done.',
            'needle.*' => 'Choose the needle whose foot was set.',
            'note.*' => 'Say in at most 80 letters: how high, such as “one card”, or what was seen.',
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
