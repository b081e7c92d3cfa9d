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
                $fail(__('shop.machine_add_machines.the_shop_already_has', ['implode' => $known->implode(', ')]));
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
            'code.regex' => __('shop.machine_add_machines.a_letter_then_letters_and_digits'),
            'code.required' => __('shop.machine_add_machines.give_it_a_short_name_for'),
            'code.max' => __('shop.machine_add_machines.at_most_12_characters'),
            'title.*' => __('shop.machine_add_machines.give_it_a_name'),
            'heads.*' => __('shop.machine_add_machines.heads_1_to_56'),
            'needles.*' => __('shop.machine_add_machines.needles_per_head_1_to_24'),
            'top_spm.*' => __('shop.machine_add_machines.top_speed_200_to_3000_spm'),
            'drivers' => __('shop.machine_add_machines.tick_its_drivers'),
            'drivers.*' => __('shop.machine_add_machines.tick_its_drivers'),
            'driver.*' => __('shop.machine_add_machines.the_mounted_driver_must_be_one'),
            'counts_from.*' => __('shop.machine_add_machines.choose_the_side_needle_1_is'),
            'turns_caps.*' => __('shop.machine_add_machines.choose_yes_no_or_unknown'),
            'arm_width.*' => __('shop.machine_add_machines.arm_width_10_to_300_mm'),
            'gap.*' => __('shop.machine_add_machines.gap_under_the_carriage_0_to'),
            'many.*' => __('shop.machine_add_machines.number_of_these_1_to', ['value' => self::MOST]),
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
