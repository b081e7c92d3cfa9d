<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Foundation\StateHash;
use App\Orders\Models\Decoration;
use App\Orders\Models\Lettering;
use App\Orders\Names\TypedNames;
use App\Shop\House;
use App\Stock\Models\Thread;
use Hakama\Lettering\Alphabet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A name on each piece of a decoration, and how the names are lettered. */
final class KeepNames extends FormRequest
{
    private ?TypedNames $typed = null;
    private House $house;

    /** What has to be right before a name can be looked at. */
    private const LETTERED = ['names', 'list', 'alphabet', 'height_mm', 'most_mm', 'arc_mm', 'centre_out'];

    /** @return array<string, mixed> */
    public function rules(House $house): array
    {
        $this->house = $house;

        return [
            'names' => ['nullable', 'string', 'max:20000'],
            'list' => ['nullable', 'file', 'max:200'],
            'alphabet' => ['required', Rule::enum(Alphabet::class)],
            'height_mm' => ['required', 'numeric', 'between:1,100'],
            'most_mm' => ['nullable', 'numeric', 'between:5,500'],
            'arc_mm' => ['nullable', 'numeric', 'between:-1000,1000'],
            'centre_out' => ['nullable', 'boolean'],
            'design_id' => ['nullable', 'integer', Rule::exists('artworks', 'id')->whereNotNull('read_at')],
            'thread' => ['required', 'string', Rule::exists('threads', 'code')],
            'seen' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'names.max' => __('orders.keep_names.the_list_is_too_long_at'),
            'list.*' => __('orders.keep_names.upload_a_text_file_of_up'),
            'alphabet.*' => __('orders.keep_names.choose_an_alphabet'),
            'height_mm.*' => __('orders.keep_names.capital_height_1_to_100_mm'),
            'most_mm.*' => __('orders.keep_names.longest_name_5_to_500_mm'),
            'arc_mm.*' => __('orders.keep_names.arc_radius_in_mm_or_leave'),
            'design_id.*' => __('orders.keep_names.that_artwork_has_been_removed'),
            'thread.*' => __('orders.keep_names.choose_a_thread_from_the_shelf'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                // A thread that is still to be chosen does not keep the names from being looked at.
                if ($validator->errors()->hasAny(self::LETTERED)) {
                    return;
                }
                foreach ($this->typed()->problems as $problem) {
                    $validator->errors()->add('names', $problem);
                }
                $before = Lettering::of($this->decoration());
                if (
                    $this->filled('seen')
                    && $this->string('seen')->value() !== self::sign($this->decoration(), $before)
                ) {
                    $validator
                        ->errors()
                        ->add('names', __('orders.keep_names.somebody_else_changed_these_names_in'));
                }
            },
        ];
    }

    /** How the list looked when somebody opened it. */
    public static function sign(Decoration $decoration, ?Lettering $lettering): string
    {
        return StateHash::of([$lettering?->said(), Lettering::pieces($decoration)->pluck('text', 'id')->all()]);
    }

    public function decoration(): Decoration
    {
        $decoration = $this->route('decoration');
        assert($decoration instanceof Decoration);

        return $decoration;
    }

    /** Not written down yet. */
    public function lettering(): Lettering
    {
        $number = fn(string $field): ?float => $this->filled($field) ? $this->float($field) : null;
        $arc = $number('arc_mm');

        return new Lettering([
            'design_id' => $this->filled('design_id') ? $this->integer('design_id') : null,
            'alphabet' => $this->enum('alphabet', Alphabet::class),
            'height_mm' => $this->float('height_mm'),
            'most_mm' => $number('most_mm'),
            'arc_mm' => $arc === 0.0 ? null : $arc,
            'centre_out' => $this->boolean('centre_out'),
        ]);
    }

    /** Looked at once, however often it is asked. */
    public function typed(): TypedNames
    {
        return $this->typed ??= $this->read();
    }

    private function read(): TypedNames
    {
        $list = $this->file('list');

        return TypedNames::read(
            $this->string('names')->value().
                "\n".
                ($list instanceof UploadedFile ? $list->getContent() : ''),
            $this->lettering(),
            Lettering::pieces($this->decoration())->pluck('size', 'id')->all(),
            $this->house->rules()->letters(),
        );
    }

    public function thread(): int
    {
        return (int) Thread::query()
            ->where('code', $this->string('thread')->value())
            ->value('id');
    }
}
