<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

use App\Foundation\Database\Transaction;
use App\Machine\Events\MachineChanged;
use App\Machine\Models\Machine;
use Hakama\Machine\Driver;
use Hakama\Machine\PanelHabits;

/**
 * What the machines are like for the garment: arm, room under the carriage, drivers and how long they take to change.
 */
final readonly class MachineList implements CatalogueList
{
    public function columns(): array
    {
        return [
            new Column('code', ['required', 'string', 'exists:machines,code']),
            new Column('name', ['required', 'string', 'max:80']),
            new Column('top_spm', ['required', 'integer', 'between:200,3000']),
            new Column('drivers', [
                'required',
                'string',
                'regex:/^(flat|cap|cylinder|clamp)( (flat|cap|cylinder|clamp))*$/',
            ]),
            new Column('arm_width_mm', ['nullable', 'numeric', 'between:10,300'], unit: 'mm'),
            new Column('gap_under_carriage_mm', ['nullable', 'numeric', 'between:0,500'], unit: 'mm'),
            new Column('turns_caps_itself', ['nullable', 'in:yes,no'], ['yes', 'no']),
            new Column('driver_minutes', [
                'nullable',
                'string',
                'max:300',
                'regex:/^(flat|cap|cylinder|clamp)>(flat|cap|cylinder|clamp) \d{1,3}(; '.
                    '(flat|cap|cylinder|clamp)>(flat|cap|cylinder|clamp) \d{1,3})*$/',
            ]),
            ...array_map(
                static fn(string $key): Column => new Column("panel_{$key}", ['nullable', 'string', 'max:80']),
                PanelHabits::KEYS,
            ),
        ];
    }

    public function rows(): array
    {
        return array_values(
            Machine::query()
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(Machine $m): array => [
                        $m->code,
                        $m->name,
                        (string) $m->top_spm,
                        implode(' ', $m->drivers),
                        (string) $m->arm_width_mm,
                        (string) $m->gap_mm,
                        $m->turns_caps === null ? '' : ($m->turns_caps ? 'yes' : 'no'),
                        implode(
                            '; ',
                            array_map(
                                static fn(string $change, int|float $minutes): string => "{$change} {$minutes}",
                                array_keys($m->driver_min ?? []),
                                array_values($m->driver_min ?? []),
                            ),
                        ),
                        ...array_map(
                            static fn(string $key): string => $m->panel[$key] ?? '',
                            PanelHabits::KEYS,
                        ),
                    ],
                )
                ->all(),
        );
    }

    public function take(array $rows): int
    {
        $machines = Machine::query()->get()->keyBy('code');
        foreach ($rows as $number => $row) {
            $standing = $machines[trim($row['code'])]->driver ?? '';
            if (! in_array($standing, explode(' ', $row['drivers']), true)) {
                throw UnfitList::at(
                    $number,
                    'drivers',
                    __('shop.machine_list.driver_is_mounted', ['code' => $row['code'], 'driver' => $standing]),
                );
            }
        }
        Transaction::run(function () use ($rows): void {
            $isOther = false;
            foreach ($rows as $row) {
                $or = static fn(string $field): ?float => ($row[$field] ?? '') === '' ? null : (float) $row[$field];
                $machine = Machine::query()
                    ->where('code', trim($row['code']))
                    ->firstOrFail();
                $machine->update([
                    'name' => trim($row['name']),
                    'top_spm' => (int) $row['top_spm'],
                    'drivers' => array_values(
                        array_unique(
                            array_map(
                                static fn(string $name): string => Driver::from($name)->value,
                                explode(' ', $row['drivers']),
                            ),
                        ),
                    ),
                    'arm_width_mm' => $or('arm_width_mm'),
                    'gap_mm' => $or('gap_under_carriage_mm'),
                    'turns_caps' =>
                        ($row['turns_caps_itself'] ?? '') === '' ? null : $row['turns_caps_itself'] === 'yes',
                    'driver_min' => self::minutes($row['driver_minutes'] ?? ''),
                    'panel' => self::panel($row),
                ]);
                $isOther = $isOther || $machine->wasChanged(['top_spm', 'drivers']);
            }
            if ($isOther) {
                MachineChanged::dispatch();
            }
        });

        return count($rows);
    }

    /**
     * @param array<string, string> $row
     *
     * @return array<string, string>|null what is written down of its panel
     */
    private static function panel(array $row): ?array
    {
        $kept = [];
        foreach (PanelHabits::KEYS as $key) {
            $kept[$key] = trim($row["panel_{$key}"] ?? '');
        }

        return PanelHabits::of($kept)->written() ?: null;
    }

    /** @return array<string, int>|null */
    private static function minutes(string $words): ?array
    {
        $minutes = [];
        foreach (array_filter(explode('; ', $words), static fn(string $one): bool => $one !== '') as $one) {
            [$change, $min] = explode(' ', $one);
            $minutes[$change] = (int) $min;
        }

        return $minutes === [] ? null : $minutes;
    }
}
