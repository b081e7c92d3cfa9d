<?php

declare(strict_types=1);

namespace App\Needles\Http\Requests;

use App\Stock\Models\Thread;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The thread that was put on a needle. */
final class LoadCone extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'thread' => ['required', Rule::exists('threads', 'code')],
            'seen' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'thread.*' => __('needles.load_cone.choose_a_thread_from_the_shelf'),
        ];
    }

    public function thread(): Thread
    {
        return Thread::query()
            ->where('code', $this->string('thread')->value())
            ->firstOrFail();
    }

    /** Whether the needle held another thread when it was looked at than it holds now. */
    public function sawAnother(?int $threadId): bool
    {
        return $this->has('seen') && $this->integer('seen') !== (int) $threadId;
    }
}
