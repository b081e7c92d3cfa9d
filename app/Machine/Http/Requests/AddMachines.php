<?php

declare(strict_types=1);

namespace App\Machine\Http\Requests;

use Closure;
use Hakama\Machine\Driver;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** A machine that comes to the shop, or several that are alike. */
final class AddMachines extends FormRequest
{
    private const MOST = 20;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $isNew = function (string $field, mixed $value, Closure $fail): void {
            $known = DB::table('machines')->whereIn('code', $this->codes())->pluck('code');
            if ($known->isNotEmpty()) {
                $fail("The shop has {$known->implode(', ')} already.");
            }
        };

        return [
            'code' => ['bail', 'required', 'string', 'max:12', 'regex:/^[A-Za-z][A-Za-z0-9-]*$/', $isNew],
            'title' => ['required', 'string', 'max:80'],
            'heads' => ['required', 'integer', 'between:1,56'],
            'needles' => ['required', 'integer', 'between:1,24'],
            'top_spm' => ['required', 'integer', 'between:200,3000'],
            'drivers' => ['required', 'array'],
            'drivers.*' => [Rule::enum(Driver::class)],
            'driver' => ['required', Rule::enum(Driver::class), Rule::in($this->drivers())],
            'counts_from' => ['required', Rule::in(['left', 'right'])],
            'turns_caps' => ['nullable', Rule::in(['yes', 'no'])],
            'arm_width' => ['nullable', 'numeric', 'between:10,300'],
            'gap' => ['nullable', 'numeric', 'between:0,500'],
            'many' => ['required', 'integer', 'between:1,'.self::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'code.regex' => 'A letter, then letters and digits, such as M4.',
            'code.required' => 'Give it a short name, such as M4.',
            'code.max' => 'At most 12 letters.',
            'title.*' => 'Give it a name people call it by.',
            'heads.*' => 'Heads are 1 to 56.',
            'needles.*' => 'Needles of a head are 1 to 24.',
            'top_spm.*' => 'Its top speed is 200 to 3000 stitches a minute.',
            'drivers' => 'Tick the drivers it has.',
            'drivers.*' => 'Tick the drivers it has.',
            'driver.*' => 'The driver that is on it now is one of those it has.',
            'counts_from.*' => 'From which side are its needles counted?',
            'turns_caps.*' => 'Yes, no, or not known.',
            'arm_width.*' => 'The arm is 10 to 300 mm wide; or leave it empty.',
            'gap.*' => 'The room under the carriage is 0 to 500 mm; or leave it empty.',
            'many.*' => 'How many alike, 1 to '.self::MOST.'.',
        ];
    }

    /** @return list<string> "M4", or "M4", "M5" … where they are several */
    public function codes(): array
    {
        $code = $this->string('code')->trim()->value();
        $many = max(1, min(self::MOST, $this->integer('many', 1)));
        if ($many === 1) {
            return [$code];
        }
        preg_match('/^(.*?)(\d{0,6})$/', $code, $parts);
        $from = ($parts[2] ?? '') === '' ? 1 : (int) $parts[2];

        return array_map(static fn(int $i): string => ($parts[1] ?? '').($from + $i), range(0, $many - 1));
    }

    /** @return array<string, mixed> columns of a machine */
    public function facts(): array
    {
        $turns = $this->string('turns_caps')->value();

        return [
            'name' => $this->string('title')->trim()->value(),
            'heads' => $this->integer('heads'),
            'needles' => $this->integer('needles'),
            'top_spm' => $this->integer('top_spm'),
            'drivers' => array_values(array_unique($this->drivers())),
            'driver' => $this->string('driver')->value(),
            'counts_from' => $this->string('counts_from')->value(),
            'turns_caps' => $turns === '' ? null : $turns === 'yes',
            'arm_width_mm' => $this->filled('arm_width') ? $this->float('arm_width') : null,
            'gap_mm' => $this->filled('gap') ? $this->float('gap') : null,
        ];
    }

    /** @return list<string> */
    private function drivers(): array
    {
        return array_values(array_filter($this->array('drivers'), is_string(...)));
    }
}
