<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Clock\ShopClock;
use App\Plan\PlanBoard;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A question to the plan: so many pieces more like a batch that is there. */
final class AskPlan extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(PlanBoard $board): array
    {
        return [
            'like' => ['nullable', Rule::in(array_keys($board->batches()))],
            'pieces' => ['nullable', 'integer', 'between:1,2000'],
            'due' => ['nullable', 'date'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'like.*' => 'Choose one of the batches.',
            'pieces.*' => 'How many pieces is 1 to 2000.',
            'due.*' => 'Write the day and the time.',
        ];
    }

    /** Null as long as nothing was asked. */
    public function like(): ?string
    {
        return $this->string('like')->value() ?: null;
    }

    public function pieces(): int
    {
        return $this->integer('pieces') ?: 1;
    }

    /** @return int|null seconds of local time */
    public function dueAt(): ?int
    {
        $due = $this->date('due')?->toImmutable();

        return $due === null ? null : ShopClock::seconds($due);
    }
}
