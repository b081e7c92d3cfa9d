<?php

declare(strict_types=1);

namespace App\Setup\Http;

use App\Foundation\Words\GarmentName;
use App\Foundation\Words\Words;
use App\Setup\Http\Requests\LogPractice;
use App\Setup\Models\Practice;
use App\Setup\PracticeBook;
use App\Shop\Catalogue\Catalogue;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** The practice book. */
final class PracticeController
{
    public function show(Catalogue $catalogue): View
    {
        $book = Practice::query()->orderBy('fabric')->orderByDesc('last_at')->get();

        return view('setup.practice', [
            'book' => $book->groupBy('fabric'),
            'risks' => self::risks($book->where('came_out', '>', 0)->pluck('fabric')->unique()->all(), $catalogue),
            'people' => $catalogue->people(),
        ]);
    }

    public function store(LogPractice $request): RedirectResponse
    {
        PracticeBook::add(
            $request->fabric(),
            $request->string('frame_kind')->value(),
            $request->enum('position', Position::class),
            trim($request->string('who')->value()),
            $request->boolean('on_scrap'),
            $request->integer('came_out'),
            $request->integer('failed'),
            trim($request->string('remark')->value()),
        );

        return redirect()->route('setup.practice')->with(
            'done',
            __('setup.practice_controller.saved_in_the_practice_book'),
        );
    }

    /**
     * Open garments on cloth that nobody here has practised, with what they are worth.
     *
     * @param array<int, Fabric> $practised
     *
     * @return list<array{order: int, customer: string, garment: string, fabric: string, pieces: int,
     *     cents: int|null}> most at risk first
     */
    private static function risks(array $practised, Catalogue $catalogue): array
    {
        $known = array_unique(
            array_merge(
                ...array_map(
                    static fn(Fabric $fabric): array => array_column($fabric->alike(), 'value'),
                    array_values($practised),
                ),
                ...[[]],
            ),
        );
        $lines = DB::table('pieces as p')
            ->join('decorations as d', 'd.id', '=', 'p.decoration_id')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->join('orders as o', 'o.id', '=', 'l.order_id')
            ->join('customers as c', 'c.id', '=', 'o.customer_id')
            ->whereIn('p.state', ['waiting', 'sewing'])
            ->whereNotIn('l.fabric', $known)
            ->groupBy(
                'l.id',
                'o.number',
                'c.name',
                'l.style',
                'l.garment',
                'l.fabric',
                'l.unit_value_cents',
                'l.garment_style_id',
            )
            ->get([
                'o.number',
                'c.name as customer',
                'l.style',
                'l.garment',
                'l.fabric',
                'l.unit_value_cents',
                'l.garment_style_id',
                DB::raw('count(distinct p.size, p.number) as pieces'),
            ]);
        $risks = $lines
            ->map(static function (object $line) use ($catalogue): array {
                $each =
                    $line->unit_value_cents ??
                    ($catalogue->styles()[$line->garment_style_id ?? 0]->unitValueCents ?? null);

                return [
                    'order' => (int) $line->number,
                    'customer' => $line->customer,
                    'garment' => GarmentName::of($line->style, $line->garment, ''),
                    'fabric' => Words::say(Fabric::from($line->fabric)->label()),
                    'pieces' => (int) $line->pieces,
                    'cents' => $each === null ? null : (int) $line->pieces * (int) $each,
                ];
            })
            ->all();
        usort(
            $risks,
            static fn(array $a, array $b): int => [$b['cents'], $a['order']] <=> [$a['cents'], $b['order']],
        );

        return $risks;
    }
}
