<?php

declare(strict_types=1);

namespace App\Shop\Http;

use App\Foundation\Database\Transaction;
use App\Foundation\Formats\Csv;
use App\Foundation\Http\Download;
use App\Foundation\Http\ReadList;
use App\Foundation\Http\ReadsRetirement;
use App\Foundation\StateHash;
use App\Garment\Models\GarmentStyle;
use App\Machine\Models\Frame;
use App\Shop\Catalogue\CatalogueList;
use App\Shop\Catalogue\ClothList;
use App\Shop\Catalogue\Column;
use App\Shop\Catalogue\FrameList;
use App\Shop\Catalogue\GarmentList;
use App\Shop\Catalogue\HardwareList;
use App\Shop\Catalogue\MachineList;
use App\Shop\Catalogue\PositionList;
use App\Shop\Catalogue\UnfitList;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use App\Stock\Models\Cloth;
use App\Stock\Models\Hardware;
use Carbon\CarbonImmutable;
use Hakama\Garment\Garment;
use Hakama\Garment\Size;
use Hakama\Garment\StartingMeasures;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;

/** Garments, frames, machines and positions as the shop has them: shown, changed, saved and read as CSV. */
final class CatalogueController
{
    use ReadsRetirement;

    private const MOST_ROWS = 5000;
    /** What can be put out of use: the model, and the column that names it. Machines have a page of their own. */
    private const RETIRED = [
        'frames' => [Frame::class, 'code'],
        'garments' => [GarmentStyle::class, 'name'],
        'cloths' => [Cloth::class, 'code'],
        'hardware' => [Hardware::class, 'code'],
    ];
    private const LISTS = [
        'garments' => GarmentList::class,
        'frames' => FrameList::class,
        'machines' => MachineList::class,
        'positions' => PositionList::class,
        'cloths' => ClothList::class,
        'hardware' => HardwareList::class,
    ];

    public function show(string $list = 'garments'): View
    {
        $of = self::list($list);

        return view('shop.catalogue', [
            'list' => $list,
            'lists' => array_keys(self::LISTS),
            'columns' => $of->columns(),
            'rows' => $of->rows(),
            'retired' => isset(self::RETIRED[$list])
                ? self::RETIRED[$list][0]::query()->whereNotNull('retired_at')->pluck(self::RETIRED[$list][1])->all()
                : null,
        ]);
    }

    /** One row, or for a garment all its sizes, as a form. */
    public function edit(Request $request, string $list): View
    {
        $of = self::list($list);
        $name = $request->string('name')->value();
        $rows = array_values(array_filter($of->rows(), static fn(array $row): bool => $row[0] === $name));
        $columns = array_map(static fn(Column $column): string => $column->name, $of->columns());
        $named = array_map(static fn(array $row): array => array_combine($columns, $row), $rows);
        $garment = Garment::tryFrom($named[0]['garment'] ?? '') ?? Garment::Polo;

        return view('shop.catalogue-edit', [
            'list' => $list,
            'seen' => StateHash::of($rows),
            'name' => $name,
            'columns' => $of->columns(),
            'rows' => array_column($named, null, $list === 'garments' ? 'size' : $columns[0]),
            'starting' => array_combine(
                array_column(Size::cases(), 'value'),
                array_map(static fn(Size $size): array => StartingMeasures::of($garment, $size)->all(), Size::cases()),
            ),
        ]);
    }

    public function update(Request $request, string $list): RedirectResponse
    {
        $of = self::list($list);
        $names = array_map(static fn(Column $column): string => $column->name, $of->columns());
        $given = array_map(
            static fn(mixed $value): string => is_string($value) ? trim($value) : '',
            array_intersect_key($request->all(), array_flip($names)),
        );
        $rows = [1 => $given];
        if ($list === 'garments') {
            $rows = [];
            foreach ($request->array('sizes') as $size => $measures) {
                $rows[] = [
                    ...$given,
                    ...array_map(
                        strval(...),
                        is_array($measures) ? array_intersect_key($measures, array_flip($names)) : [],
                    ),
                    'size' => (string) $size,
                ];
            }
            // A size in which nothing is measured is not written down; one row there must be for the garment itself.
            $rows = array_values(
                array_filter(
                    $rows,
                    static fn(array $row): bool => array_filter(
                        array_diff_key($row, array_flip([...GarmentList::FACTS, 'size'])),
                        static fn(string $cell): bool => $cell !== '',
                    ) !== [],
                ),
            ) ?: [[...$given, 'size' => 'one']];
        }
        foreach ($rows as $row) {
            Validator::make($row, self::rules($of), self::words())->validate();
        }
        $stands = array_values(
            array_filter($of->rows(), static fn(array $row): bool => $row[0] === ($given[$names[0]] ?? '')),
        );
        if ($request->filled('seen') && $request->string('seen')->value() !== StateHash::of($stands)) {
            throw ValidationException::withMessages([
                $names[0] =>
                    __('shop.catalogue_controller.somebody_else_changed_this_in_the'),
            ]);
        }
        $before = $of->rows();
        try {
            $of->take($rows);
            self::noteChange($of, $before, (string) $given[$names[0]]);
        } catch (UnfitList $e) {
            throw ValidationException::withMessages([
                $names[0] => $e->alone !== '' ? $e->alone : $e->getMessage(),
            ]);
        }

        return redirect()
            ->route('catalogue.show', $list)
            ->with('done', __('shop.catalogue_controller.saved_in_the_catalogue', ['given' => $given[$names[0]]]));
    }

    /** Out of use, or in it again: what was made with it keeps it. */
    public function retire(Request $request, string $list): RedirectResponse
    {
        $of = self::RETIRED[$list] ?? abort(404);
        $name = $request->string('name')->value();
        $one = $of[0]::query()->where($of[1], $name)->firstOrFail();
        $goes = self::retires($request, $one->getAttribute('retired_at') !== null);
        if ($goes === null) {
            return redirect()->route('catalogue.show', $list)->with('done', __('shop.catalogue_controller.is_already_as_you_asked', [
                'name' => $name,
            ]));
        }
        Transaction::run(static function () use ($one, $name, $goes): void {
            $one->update(['retired_at' => $goes ? CarbonImmutable::now() : null]);
            ChangeLog::note(
                Change::CATALOGUE,
                $name,
                $goes ? __('shop.catalogue_controller.out_of_use') : __('shop.catalogue_controller.in_use_again'),
            );
        });

        return redirect()
            ->route('catalogue.show', $list)
            ->with(
                'done',
                $goes
                    ? __('shop.catalogue_controller.is_out_of_use_it_is', ['name' => $name])
                    : __('shop.catalogue_controller.is_in_use_again', ['name' => $name]),
            );
    }

    public function csv(string $list): Response
    {
        $of = self::list($list);

        return Download::csv(
            Csv::write(array_map(static fn(Column $column): string => $column->name, $of->columns()), $of->rows()),
            $list,
        );
    }

    /** The whole list or nothing of it. */
    public function read(ReadList $request, string $list): RedirectResponse
    {
        $of = self::list($list);
        try {
            $taken = $of->take(self::checked($of, (string) $request->list()->getRealPath()));
        } catch (UnfitList $e) {
            throw ValidationException::withMessages(['list' => $e->getMessage()]);
        }

        return redirect()
            ->route('catalogue.show', $list)
            ->with('done', $taken === 1 ? __('shop.catalogue_controller.one_row_imported') : __('shop.catalogue_controller.rows_imported', [
                'taken' => $taken,
            ]));
    }

    /**
     * @return array<int, array<string, string>>
     *
     * @throws UnfitList
     */
    private static function checked(CatalogueList $of, string $path): array
    {
        try {
            $lines = Csv::lines($path, self::MOST_ROWS);
        } catch (InvalidArgumentException $e) {
            throw UnfitList::because([$e->getMessage()]);
        }
        $rows = Csv::named($lines);
        $known = array_map(static fn(Column $column): string => $column->name, $of->columns());
        $foreign = array_diff(Csv::head($lines), [...$known, '']);
        if (count($lines) > self::MOST_ROWS + 1 || $rows === [] || $foreign !== []) {
            throw UnfitList::because([
                match (true) {
                    $rows === [] => __('shop.catalogue_controller.the_file_has_no_rows'),
                    $foreign !== [] => __('shop.catalogue_controller.the_first_row_must_name_the', [
                        'value' => implode(', ', $foreign),
                        'value_2' => implode(', ', $known),
                    ]),
                    default => __('shop.catalogue_controller.the_file_has_more_than_rows', [
                        'value' => self::MOST_ROWS,
                    ]),
                },
            ]);
        }
        $problems = [];
        foreach ($rows as $number => $row) {
            foreach (
                Validator::make($row, self::rules($of), self::words())->errors()->messages() as $field => $messages
            ) {
                $problems[] = __('shop.catalogue_controller.row_field', [
                    'row' => $number,
                    'field' => $field,
                    'problem' => $messages[0],
                ]);
            }
        }
        if ($problems !== []) {
            throw UnfitList::because($problems);
        }

        return $rows;
    }

    /** @param list<list<string>> $before */
    private static function noteChange(CatalogueList $of, array $before, string $name): void
    {
        $columns = array_map(static fn(Column $column): string => $column->name, $of->columns());
        $named = static fn(array $rows): array => array_combine(
            $columns,
            array_values(array_filter($rows, static fn(array $row): bool => $row[0] === $name))[0] ??
                array_fill(0, count($columns), ''),
        );
        [$was, $is] = ChangeLog::differing($named($before), $named($of->rows()));
        if ($is !== []) {
            ChangeLog::note(Change::CATALOGUE, $name, __('common.change_kind.changed'), $was, $is);
        }
    }

    private static function list(string $name): CatalogueList
    {
        $class = self::LISTS[$name] ?? abort(404);

        return App::make($class);
    }

    /** @return array<string, list<mixed>> */
    private static function rules(CatalogueList $of): array
    {
        return array_column(
            array_map(static fn(Column $column): array => [$column->name, $column->rules], $of->columns()),
            1,
            0,
        );
    }

    /** @return array<string, string> */
    private static function words(): array
    {
        return [
            'required' => __('shop.catalogue_controller.is_required'),
            'in' => __('shop.catalogue_controller.is_not_a_known_value'),
            'numeric' => __('shop.catalogue_controller.a_number'),
            'integer' => __('shop.catalogue_controller.a_whole_number'),
            'between' => __('shop.catalogue_controller.between'),
            'max' => __('shop.catalogue_controller.is_too_long'),
            'exists' => __('shop.catalogue_controller.there_is_none_with_that_name'),
            'regex' => __('shop.catalogue_controller.has_the_wrong_form'),
        ];
    }
}
