<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Foundation\StateHash;
use App\Orders\Models\Colourway;
use App\Orders\Models\Decoration;
use App\Stock\Models\Thread;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A thread for each block, on one line. */
final class KeepColours extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'blocks' => ['required', 'array', 'max:500'],
            'blocks.*' => ['nullable', 'string', Rule::exists('threads', 'code')],
            'seen' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['blocks.*' => __('orders.keep_colours.choose_a_thread_from_the_shelf')];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $decoration = $this->route('decoration');
                assert($decoration instanceof Decoration);
                if ($this->filled('seen') && $this->string('seen')->value() !== self::sign($decoration)) {
                    $validator
                        ->errors()
                        ->add('seen', __('orders.keep_colours.somebody_else_changed_these_colours_in'));
                }
            },
        ];
    }

    public static function sign(Decoration $decoration): string
    {
        return StateHash::of(array_map(static fn(Thread $thread): int => $thread->id, Colourway::of($decoration)));
    }

    /** @return array<int, int> block => thread */
    public function threads(): array
    {
        $ids = Thread::query()->pluck('id', 'code');
        $threads = [];
        foreach ($this->array('blocks') as $number => $code) {
            if (is_string($code) && isset($ids[$code])) {
                $threads[(int) $number] = (int) $ids[$code];
            }
        }

        return $threads;
    }
}
