<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\Foundation\Http\ReadsChoices;
use Closure;
use Hakama\House\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** New people, a name a line. */
final class AddPeople extends FormRequest
{
    use ReadsChoices;

    private const LONGEST = 40;
    private const MOST = 50;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $fits = function (string $field, mixed $value, Closure $fail): void {
            $names = $this->names();
            $known = DB::table('people')
                ->pluck('name')
                ->map(static fn(mixed $name): string => mb_strtolower((string) $name))
                ->all();
            foreach ($names as $name) {
                if (mb_strlen($name) > self::LONGEST) {
                    $fail(__('people.add_people.a_name_has_up_to_characters', ['value' => self::LONGEST]));

                    return;
                }
                if (in_array(mb_strtolower($name), $known, true)) {
                    $fail(__('people.add_people.is_already_here', ['name' => $name]));

                    return;
                }
            }
            if ($names === [] || count($names) > self::MOST) {
                $fail(__('people.add_people.enter_one_name_per_line_up', ['value' => self::MOST]));
            }
        };

        return [
            'names' => ['bail', 'required', 'string', 'max:4000', $fits],
            'role' => ['required', Rule::enum(Role::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'names.required' => __('people.add_people.enter_one_name_per_line'),
            'role.*' => __('people.add_people.choose_a_role'),
        ];
    }

    /** @return list<string> */
    public function names(): array
    {
        $names = [];
        foreach (preg_split('/[\r\n;]+/', $this->string('names')->value()) ?: [] as $line) {
            $name = trim((string) preg_replace('/\s+/', ' ', $line));
            if ($name !== '') {
                $names[mb_strtolower($name)] ??= $name;
            }
        }

        return array_values($names);
    }

    public function role(): Role
    {
        return $this->chosen('role', Role::class);
    }
}
