<?php

declare(strict_types=1);

namespace App\Artwork\Http\Requests;

use App\Stock\Models\Thread;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The thread that a block is sewn in. */
final class ChooseThread extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'thread' => ['required', Rule::exists('threads', 'code')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'thread.*' => __('artwork.choose_thread.choose_a_thread_from_the_shelf'),
        ];
    }

    public function thread(): Thread
    {
        return Thread::query()
            ->where('code', $this->string('thread')->value())
            ->firstOrFail();
    }
}
