<?php

declare(strict_types=1);

namespace App\Floor\Http\Requests;

use App\Foundation\Http\ReadsChoices;
use App\Foundation\Http\ReadsTime;
use App\People\Caller;
use App\People\Models\Person;
use App\Shop\Catalogue\Catalogue;
use Closure;
use Hakama\Floor\EventKind;
use Hakama\Floor\SpoilCause;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What somebody at the machine says has happened. */
final class RecordEvent extends FormRequest
{
    use ReadsChoices;
    use ReadsTime;

    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        // Somebody with a PIN is said to be at this screen by the PIN, not by a choice in a list.
        $mayBe = function (string $field, mixed $value, Closure $fail): void {
            $isOther = is_string($value) && $value !== Caller::acting($this);
            if ($isOther && Person::query()->where('name', $value)->whereNotNull('pin')->exists()) {
                $fail(__('floor.record_event.has_a_pin_sign_in_above', ['value' => $value]));
            }
        };

        return [
            'id' => ['required', 'uuid'],
            'kind' => [
                'required',
                Rule::enum(EventKind::class)->except(
                    array_filter(
                        EventKind::cases(),
                        static fn(EventKind $kind): bool => $kind->corrects() || $kind === EventKind::PieceRejected,
                    ),
                ),
            ],
            'at' => ['nullable', 'date'],
            'batch' => ['required', 'string'],
            'cause' => [
                'nullable',
                Rule::requiredIf($this->input('kind') === EventKind::PieceSpoiled->value),
                Rule::enum(SpoilCause::class),
            ],
            'piece' => ['nullable', 'integer'],
            'text' => ['nullable', 'string', 'max:60'],
            'override' => ['nullable', 'string', 'max:200'],
            'numbers' => ['nullable', 'array'],
            'numbers.*' => ['integer'],
            'who' => ['nullable', 'string', Rule::in($catalogue->people()), $mayBe],
            'checked' => ['array'],
            'driver_min' => ['nullable', 'numeric', 'between:1,240'],
            'origin_x' => ['nullable', 'required_with:origin_y', 'numeric', 'between:-2000,2000'],
            'origin_y' => ['nullable', 'required_with:origin_x', 'numeric', 'between:-2000,2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'who.in' => __('floor.record_event.choose_a_person'),
            'cause.required' => __('floor.record_event.give_the_reason_it_was_spoiled'),
            'at.*' => __('floor.record_event.that_is_not_a_time'),
            'override.*' => __('floor.record_event.at_most_200_characters'),
            'origin_x.*' => __('floor.record_event.enter_x_and_y_as_the'),
            'origin_y.*' => __('floor.record_event.enter_x_and_y_as_the'),
            'driver_min.*' => __('floor.record_event.minutes_taken_1_to_240_or'),
        ];
    }

    public function eventId(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function kind(): EventKind
    {
        return $this->chosen('kind', EventKind::class);
    }

    /**
     * Those on the machine that did not come out, as they were touched; where nobody said, the first.
     *
     * @param list<int> $onFrame
     *
     * @return list<int>
     */
    public function spoiled(array $onFrame): array
    {
        $touched = array_map(static fn(mixed $one): int => is_numeric($one) ? (int) $one : 0, $this->array('numbers'));

        return $touched === [] ? [$this->integer('piece') ?: $onFrame[0] ?? 0] : array_values(array_unique($touched));
    }

    public function cause(): ?SpoilCause
    {
        return $this->kind() === EventKind::PieceSpoiled ? $this->enum('cause', SpoilCause::class) : null;
    }

    /** Minutes that changing the driver took; null where nobody has said. */
    public function driverMinutes(): ?float
    {
        return $this->filled('driver_min') ? $this->float('driver_min') : null;
    }

    /** @return array{float, float}|null where the frame stood when the trace was right, mm; null where nobody has said */
    public function origin(): ?array
    {
        return $this->filled('origin_x') && $this->filled('origin_y')
            ? [$this->float('origin_x'), $this->float('origin_y')]
            : null;
    }

    /** Who stands at the machine, as said here or before. */
    public function who(): string
    {
        return $this->string('who')->value() ?: Caller::acting($this);
    }
}
