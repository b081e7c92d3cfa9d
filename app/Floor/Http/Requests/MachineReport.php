<?php

declare(strict_types=1);

namespace App\Floor\Http\Requests;

use App\Foundation\Http\ReadsTime;
use Closure;
use Hakama\Floor\EventKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a machine says of itself: a reading of where it is, or an event. */
final class MachineReport extends FormRequest
{
    use ReadsTime;

    private const READING = 'position';
    private const EVENTS = [EventKind::ThreadBroke, EventKind::HandStop, EventKind::Sewn];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'load' => ['required', 'uuid'],
            'kind' => ['required', Rule::in([self::READING, ...array_column(self::EVENTS, 'value')])],
            'stitch' => ['required', self::isNumber(...), 'integer', 'min:0', 'max:10000000'],
            'at' => ['nullable', 'date'],
            'clock_s' => ['required', self::isNumber(...), 'numeric', 'min:0', 'max:10000000'],
        ];
    }

    /** Yes and no are no numbers, although they can be read as some. */
    private static function isNumber(string $field, mixed $value, Closure $fail): void
    {
        if (is_bool($value)) {
            $fail("{$field} is a number.");
        }
    }

    public function eventId(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function load(): string
    {
        return $this->string('load')->value();
    }

    /** Null for a reading, which replaces the one before. */
    public function event(): ?EventKind
    {
        return $this->enum('kind', EventKind::class);
    }

    public function stitch(): int
    {
        return $this->integer('stitch');
    }

    /** @return float seconds that the load has sewn */
    public function clockS(): float
    {
        return $this->float('clock_s');
    }
}
