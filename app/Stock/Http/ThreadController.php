<?php

declare(strict_types=1);

namespace App\Stock\Http;

use App\Foundation\Http\Pages;
use App\Foundation\Words\Words;
use App\Plan\Queries\PlanBoard;
use App\Shop\House;
use App\Stock\Actions\ThreadShelf;
use App\Stock\Http\Requests\StoreCone;
use App\Stock\Models\Cone;
use App\Stock\Models\Thread;
use App\Stock\Queries\WantedThread;
use Hakama\Thread\Colour;
use Hakama\Thread\NotAColour;
use Hakama\Thread\ThreadMatch;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** The thread shelf: what stands there, what will run short, and which thread looks like a colour. */
final class ThreadController
{
    private const ORDERS = 60;

    public function index(PlanBoard $board, House $house): View
    {
        $threads = self::shelf();
        $need = WantedThread::of($board, $house, $threads);

        return view('stock.threads', ['threads' => $threads, 'need' => $need, 'batches' => $board->batches()]);
    }

    public function needs(Request $request, PlanBoard $board, House $house): View
    {
        $threads = self::shelf();

        $need = WantedThread::of($board, $house, $threads);

        return view('stock.needs', [
            'threads' => $threads->keyBy('code'),
            'need' => $need,
            'orders' => Pages::of($request, $need->byOrder, self::ORDERS),
            'batches' => $board->batches(),
        ]);
    }

    /** One cone as it is typed: a new thread, another cone, or what is left on one. */
    public function store(StoreCone $request): RedirectResponse
    {
        $row = $request->row();
        ThreadShelf::takeOver([$row], ThreadShelf::sign());

        return redirect()
            ->to(route('threads.index').'#'.Str::slug($row->code))
            ->with('done', __('stock.thread_controller.cone_saved', [
                'code' => $row->code,
                'name' => $row->name,
                'number' => $row->cone,
                'metres' => $row->metresLeft,
                'shelf' => $row->shelf,
            ]));
    }

    public function empty(Cone $cone): RedirectResponse
    {
        $code = Thread::query()->findOrFail($cone->thread_id)->code;
        $cone->delete();

        return redirect()
            ->to(route('threads.index').'#'.Str::slug($code))
            ->with('done', __('stock.thread_controller.cone_of_removed_from_the_shelf', [
                'number' => $cone->number,
                'code' => $code,
            ]));
    }

    /** Which threads look like a colour: given as such, picked from a photo in the browser, or another thread's. */
    public function match(Request $request): View
    {
        $threads = self::shelf();
        $like = $request->filled('like') ? $threads->firstWhere('code', $request->string('like')->value()) : null;
        $hex = $like->hex ?? $request->string('hex')->value() ?: '#2b3a67';
        $weight = $request->integer('weight') ?: null;
        $problem = null;
        $matches = [];
        try {
            $shelf = array_values(
                $threads
                    ->reject(static fn(Thread $one): bool => $one->code === $like?->code)
                    ->map(static fn(Thread $thread) => $thread->toCore())
                    ->all(),
            );
            $matches = array_slice(ThreadMatch::nearest(Colour::ofHex($hex), $shelf, $weight), 0, 5);
        } catch (NotAColour $e) {
            $problem = Words::why($e);
        }
        $cloth =
            preg_match('/^#[0-9a-f]{6}$/iD', $request->string('cloth')->value()) === 1
                ? $request->string('cloth')->value()
                : '#f6f2e9';

        return view($request->headers->has('HX-Request') ? 'stock.matches' : 'stock.match', [
            'hex' => $hex,
            'cloth' => $cloth,
            'weight' => $weight,
            'like' => $like,
            'matches' => $matches,
            'problem' => $problem,
            'threads' => $threads->keyBy('code'),
            'weights' => $threads->pluck('weight')->unique()->sort()->values(),
        ]);
    }

    /** @return Collection<int, Thread> */
    private static function shelf(): Collection
    {
        return Thread::query()->with('cones')->orderBy('code')->get();
    }
}
