<?php

declare(strict_types=1);

namespace App\Plan\Http\Requests;

use App\Foundation\Clock\ShopClock;
use App\Plan\Queries\PlanBoard;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A question to the plan: so many pieces more like a batch that is there, or of so many stitches in a frame. */
final class AskPlan extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(PlanBoard $board): array
    {
        return [
            'like' => ['nullable', Rule::in(array_keys($board->batches()))],
            'stitches' => ['nullable', 'integer', 'between:100,500000'],
            'colours' => ['nullable', 'integer', 'between:1,30'],
            'sewn_in' => ['nullable', 'required_with:stitches', Rule::exists('frames', 'code')],
            'pieces' => ['nullable', 'integer', 'between:1,2000'],
            'due' => ['nullable', 'date'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'like.*' => __('plan.ask_plan.choose_a_batch'),
            'stitches.*' => __('plan.ask_plan.stitches_100_to_500_000'),
            'colours.*' => __('plan.ask_plan.colours_1_to_30'),
            'sewn_in.*' => __('plan.ask_plan.choose_the_frame'),
            'pieces.*' => __('plan.ask_plan.pieces_1_to_2000'),
            'due.*' => __('plan.ask_plan.enter_date_and_time'),
        ];
    }

    /** Null as long as nothing was asked. */
    public function like(): ?string
    {
        return $this->string('like')->value() ?: null;
    }

    /** Null where it is like a batch that is there. */
    public function stitches(): ?int
    {
        return $this->integer('stitches') ?: null;
    }

    public function colours(): int
    {
        return $this->integer('colours') ?: 1;
    }

    public function frame(): string
    {
        return $this->string('sewn_in')->value();
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
