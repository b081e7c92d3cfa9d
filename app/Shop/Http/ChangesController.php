<?php

declare(strict_types=1);

namespace App\Shop\Http;

use App\Foundation\Database\Transaction;
use App\Shop\Models\Change;
use App\Shop\Undo\Undo;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Who changed what, searchable; what nothing was made by yet is taken back from here. */
final class ChangesController
{
    private const SHOWN = 200;

    public function show(Request $request): View
    {
        $words = mb_substr($request->string('q')->trim()->value(), 0, 80);
        $kind = $request->string('kind')->value();
        $like = '%'.addcslashes($words, '%_\\').'%';

        return view('shop.changes', [
            'changes' => Change::query()
                ->when(
                    $words !== '',
                    static fn($q) => $q->where(
                        static fn($any) => $any
                            ->where('who', 'like', $like)
                            ->orWhere('thing', 'like', $like)
                            ->orWhere('what', 'like', $like),
                    ),
                )
                ->when(in_array($kind, Change::KINDS, true), static fn($q) => $q->where('kind', $kind))
                ->orderByDesc('seq')
                ->limit(self::SHOWN)
                ->get(),
            'words' => $words,
            'kind' => $kind,
            'kinds' => Change::KINDS,
            'shown' => self::SHOWN,
        ]);
    }

    public function undo(Undo $back, Change $change): RedirectResponse
    {
        $problem = Transaction::run(static fn(): ?string => $back->of($change));

        return redirect()
            ->route('shop.changes')
            ->with(
                $problem === null ? 'done' : 'problem',
                $problem ?? __('shop.changes_controller.undone', ['thing' => $change->thing, 'what' => $change->what]),
            );
    }
}
