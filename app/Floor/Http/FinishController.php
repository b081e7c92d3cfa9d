<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Artwork\Photo;
use App\Floor\Finish\FinishBook;
use App\Floor\Finish\FinishList;
use App\Floor\Http\Requests\CheckPiece;
use App\Floor\Http\Requests\FinishPieces;
use App\Floor\Models\Finishing;
use App\Floor\Queries\Board;
use App\Foundation\Words\Words;
use App\Orders\Models\Piece;
use App\People\Caller;
use App\Plan\Queries\PlanBoard;
use App\Setup\Queries\MachineSetups;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Hakama\Floor\ActRefused;
use Hakama\Floor\BypassedStop;
use Hakama\Floor\CheckRules;
use Hakama\House\HouseRule;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Pieces off the machine: finished, looked at by another, put right, or rejected; and the board of all machines. */
final class FinishController
{
    public function show(Request $request, House $house, MachineSetups $setups, Catalogue $catalogue): View
    {
        $by = $request->enum('by', BypassedStop::class) ?? BypassedStop::Person;

        return view('floor.finish', [
            'list' => FinishList::read($house, $setups, $by),
            'by' => $by,
            'people' => $catalogue->people(),
            'who' => Caller::acting($request),
            'rules' => CheckRules::of($house->rules()),
            'press' => [
                (int) $house->rules()->value(HouseRule::PressSide),
                (int) $house->rules()->value(HouseRule::PressCool),
            ],
        ]);
    }

    public function finish(FinishPieces $request, FinishBook $book): RedirectResponse
    {
        $request->session()->put('who', $request->who());
        $done = $book->finish($request->pieces(), $request->form(), $request->who());

        return redirect()
            ->route('floor.finish')
            ->with('done', $done === 1 ? __('floor.finish_controller.one_piece_finished') : __('floor.finish_controller.pieces_finished', [
                'done' => $done,
            ]));
    }

    public function check(CheckPiece $request, FinishBook $book, Piece $piece): RedirectResponse
    {
        $request->session()->put('who', $request->who());
        $seen = $request->seen();
        try {
            $words = $request->isRejected()
                ? $book->reject($piece, $request->cause(), $request->form(), $request->who(), $request->note(), $seen)
                : null;
            if ($words === null) {
                $book->check($piece, $request->isGood(), $request->form(), $request->who(), $request->note(), $seen);
            }
        } catch (ActRefused $e) {
            throw ValidationException::withMessages([$e->about => Words::why($e)]);
        }

        return redirect()
            ->route('floor.finish')
            ->with(
                $words === null ? 'done' : 'problem',
                $words ??
                    ($request->isGood() ? __('floor.finish_controller.passed', [
                        'piece' => $piece->label(),
                    ]) : __('floor.finish_controller.needs_fixing', ['piece' => $piece->label()])),
            );
    }

    /** What somebody saw who looked at a piece. */
    public function picture(Finishing $finishing): StreamedResponse
    {
        abort_if($finishing->photo === null, 404);

        return Photo::show($finishing->photo);
    }

    /** All machines, to be read from across the room. */
    public function board(PlanBoard $board, House $house): View
    {
        $of = Board::of($board, $house->rules());

        return view(request()->headers->has('HX-Request') ? 'floor.board-rows' : 'floor.board', [
            'board' => $of,
            'who' => Caller::acting(request()),
        ]);
    }
}
