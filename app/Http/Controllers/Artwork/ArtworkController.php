<?php

declare(strict_types=1);

namespace App\Http\Controllers\Artwork;

use App\Artwork\Intake;
use App\Models\Artwork;
use App\Models\ArtworkBlock;
use App\Shop\House;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final class ArtworkController
{
    public function index(): View
    {
        return view('artwork.index', [
            'artworks' => Artwork::query()
                ->select(['id', 'name', 'stitches', 'changes', 'left_mm', 'right_mm', 'bottom_mm', 'top_mm', 'read_at', 'refused', 'checksum'])
                ->selectRaw('(select group_concat(coalesce(t.hex, "-") order by k.number) from artwork_blocks k left join threads t on t.id = k.thread_id where k.artwork_id = artworks.id) as hexes')
                ->orderByDesc('id')->simplePaginate(40),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $most = (int) config('shop.tape_bytes');
        $request->validate([
            'name' => ['nullable', 'string', 'max:120'],
            'tape' => ['required', 'file', 'extensions:dst', 'max:'.intdiv($most, 1024)],
        ], [
            'tape.required' => 'Choose a tape, or drop one here.',
            'tape.uploaded' => sprintf('The file is too large to be taken in; a tape is at most %d MB.', intdiv($most, 1024 ** 2)),
            'tape.extensions' => 'That is no stitch tape: its name should end in .dst. Ask for the machine file, not the picture.',
            'tape.max' => sprintf('The file is larger than %d MB; a tape of a million stitches is 3.', intdiv($most, 1024 ** 2)),
        ]);
        $file = $request->file('tape');
        assert($file instanceof \Illuminate\Http\UploadedFile);
        $artwork = Intake::take($file, trim($request->string('name')->value()));

        return redirect()->route('artwork.show', $artwork)->with('done', "“{$artwork->name}” is in.");
    }

    public function show(Artwork $artwork, House $house): View
    {
        $artwork->load('blocks.thread');
        $rules = $house->rules()->threadUse();
        $uses = $artwork->blocks->mapWithKeys(static fn(ArtworkBlock $block): array => [$block->number => $block->threadUse($rules)]);

        return view('artwork.show', [
            'artwork' => $artwork,
            'uses' => $uses,
            'topM' => $uses->sum('topM'),
            'bobbinM' => $uses->sum('bobbinM'),
            'ordered' => DB::table('decorations as d')->join('order_lines as l', 'l.id', '=', 'd.order_line_id')->join('orders as o', 'o.id', '=', 'l.order_id')
                ->where('d.artwork_id', $artwork->id)->orderByDesc('o.id')->limit(6)->pluck('o.number')->unique(),
        ]);
    }
}
