<?php

declare(strict_types=1);

namespace App\Stock\Http;

use App\Foundation\Http\Download;
use App\Foundation\Words\Words;
use App\Stock\Actions\ThreadShelf;
use App\Stock\Http\Requests\ReadShelfList;
use App\Stock\ShelfList;
use App\Stock\StaleShelf;
use Hakama\Thread\ShelfDiff;
use Hakama\Thread\ShelfRow;
use Hakama\Thread\UnfitRow;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** The thread shelf as a list: saved, and read with a look at what it would change before it does. */
final class ThreadListController
{
    private const PREVIEW_KEPT_S = 3600;

    public function csv(): Response
    {
        return Download::csv(ShelfList::csv(ThreadShelf::rows()), 'threads');
    }

    public function xlsx(): Response
    {
        return Download::xlsx(ShelfList::xlsx(ThreadShelf::rows()), 'threads');
    }

    /** Reads a list and shows what it would change; nothing is changed yet. */
    public function read(ReadShelfList $request): RedirectResponse
    {
        $file = $request->list();
        try {
            [$rows, $problems] = ShelfList::read($file);
        } catch (UnfitRow $e) {
            throw ValidationException::withMessages([
                'list' => __('stock.thread_list_controller.this_is_not_a_thread_list', [
                    'get_message' => Words::why($e),
                ]),
            ]);
        }
        $key = Str::random(24);
        Cache::put(
            "shelf-list-{$key}",
            [
                array_map(static fn(ShelfRow $row): array => $row->cells(), $rows),
                $problems,
                mb_scrub($file->getClientOriginalName()),
            ],
            self::PREVIEW_KEPT_S,
        );

        return redirect()->route('threads.preview', $key);
    }

    public function preview(string $key): View|RedirectResponse
    {
        $list = Cache::get("shelf-list-{$key}");
        if (! is_array($list)) {
            return redirect()
                ->route('threads.index')
                ->with('problem', __('stock.thread_list_controller.that_preview_is_too_old_upload'));
        }
        [$cells, $problems, $name] = $list;
        $diff = ShelfDiff::of(ThreadShelf::rows(), self::rows($cells));

        return view('shop.preview', [
            'key' => $key,
            'name' => $name,
            'diff' => $diff,
            'problems' => [...$problems, ...$diff->problems],
            'seen' => ThreadShelf::sign(),
        ]);
    }

    public function takeOver(Request $request, string $key): RedirectResponse
    {
        $list = Cache::get("shelf-list-{$key}");
        if (! is_array($list)) {
            return redirect()
                ->route('threads.index')
                ->with('problem', __('stock.thread_list_controller.that_preview_is_too_old_upload'));
        }
        $rows = self::rows($list[0]);
        $diff = ShelfDiff::of(ThreadShelf::rows(), $rows);
        if ($diff->problems !== []) {
            throw ValidationException::withMessages([
                'list' => __('stock.thread_list_controller.the_list_contradicts_itself_correct_it'),
            ]);
        }
        try {
            ThreadShelf::takeOver($rows, $request->string('seen')->value());
        } catch (StaleShelf $e) {
            return redirect()->route('threads.preview', $key)->with('problem', $e->getMessage());
        }
        Cache::forget("shelf-list-{$key}");

        return redirect()
            ->route('threads.index')
            ->with('done', __('stock.thread_list_controller.cones_added_changed', [
                'added' => count($diff->added),
                'changed' => count($diff->changed),
            ]));
    }

    /**
     * @param list<list<string>> $cells
     *
     * @return list<ShelfRow>
     */
    private static function rows(array $cells): array
    {
        return array_map(
            static fn(array $row): ShelfRow => ShelfRow::of(array_combine(ShelfRow::COLUMNS, $row)),
            $cells,
        );
    }
}
