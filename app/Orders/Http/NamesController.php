<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Artwork\Drawing\PatternDrawing;
use App\Artwork\Models\Artwork;
use App\Foundation\Http\TypedForms;
use App\Orders\Http\Requests\KeepNames;
use App\Orders\Models\Decoration;
use App\Orders\Models\LetteredText;
use App\Orders\Models\Lettering;
use App\Orders\Names\NamesBook;
use App\Orders\Names\StaleNames;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use App\Stock\Models\Thread;
use Hakama\Artwork\Variant;
use Hakama\House\HouseRule;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Track;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A name on each piece of a decoration. */
final class NamesController
{
    public function show(Decoration $decoration, House $house, Catalogue $catalogue): View
    {
        $decoration->load(['line.order.customer', 'artwork.blocks.thread', 'batch']);
        $lettering = Lettering::of($decoration)?->load(['design', 'texts']);
        $pieces = Lettering::pieces($decoration)->get();

        return view('orders.names', [
            'decoration' => $decoration,
            'lettering' => $lettering,
            'texts' => $lettering?->texts->keyBy('text') ?? collect(),
            'pieces' => $pieces,
            'seen' => KeepNames::sign($decoration, $lettering),
            'thread' => $lettering === null ? null : $decoration->artwork?->blocks->last()?->thread,
            'threads' => Thread::query()->whereNull('retired_at')->orderBy('code')->get(),
            'designs' => Artwork::query()
                ->whereNotNull('read_at')
                ->where('variant', '!=', Variant::Names)
                ->orderBy('name')
                ->pluck('name', 'id'),
            'people' => $catalogue->people(),
            'rules' => $house->rules()->letters(),
        ]);
    }

    /** What would come of the names as they are typed. */
    public function check(Request $request, Decoration $decoration, TypedForms $forms): View
    {
        $typed = null;
        $problems = [];
        try {
            $wanted = $forms->checked(KeepNames::class, $request);
            $typed = $wanted->typed();
        } catch (ValidationException $e) {
            $problems = $e->validator->errors()->all();
        }

        return view('orders.names-check', ['typed' => $typed, 'problems' => $problems]);
    }

    public function keep(KeepNames $request, Decoration $decoration, NamesBook $book): RedirectResponse
    {
        $typed = $request->typed();
        try {
            $book->keep($decoration, $request->lettering(), $typed->texts, $request->thread());
        } catch (StaleNames $e) {
            throw ValidationException::withMessages(['names' => $e->getMessage()]);
        }

        return redirect()
            ->route('orders.names', $decoration)
            ->with('done', __('orders.names_controller.names_saved_read_each_one_and', [
                'texts' => count($typed->texts),
            ]));
    }

    public function approve(Request $request, Decoration $decoration, Catalogue $catalogue): RedirectResponse
    {
        $request->validate(
            ['who' => ['required', 'string', Rule::in($catalogue->people())]],
            ['who.*' => __('orders.names_controller.choose_who_read_the_names')],
        );
        $lettering = Lettering::of($decoration) ?? abort(404);
        if ($request->string('seen')->value() !== KeepNames::sign($decoration, $lettering)) {
            return redirect()
                ->route('orders.names', $decoration)
                ->with('problem', __('orders.names_controller.the_names_have_changed_since_you'));
        }
        NamesBook::approve($decoration->load('line.order'), $lettering, $request->string('who')->value());

        return redirect()
            ->route('orders.names', $decoration)
            ->with('done', __('orders.names_controller.spelling_approved_the_pieces_can_be'));
    }

    /** One text as it is sewn. */
    public function drawing(Decoration $decoration, LetteredText $text, House $house): Response
    {
        abort_if(Lettering::of($decoration)?->id !== $text->lettering_id, 404);
        $pattern = self::last((new TapeReader())->fromString($text->tape));
        $colours = array_slice($decoration->artwork?->load('blocks.thread')->colours() ?? [], -1);

        return (new Response(
            PatternDrawing::whole(
                $pattern,
                PatternFigures::of($pattern, $house->rules()->measuring())->bounds,
                $colours,
            ),
        ))
            ->header('Content-Type', 'image/svg+xml')
            ->setPrivate()
            ->setMaxAge(86_400);
    }

    /** The text alone, without the design before it: it is what is read. */
    private static function last(Pattern $pattern): Pattern
    {
        $spans = $pattern->blockSpans();
        $last = $spans[count($spans) - 1];

        return (new PatternBuilder($pattern->name))
            ->jumpTo(...$pattern->before($last->from))
            ->append($pattern->slice($last->from, $last->to))
            ->pattern();
    }

    /** Its stitches, as the floor follows them. */
    public function track(Decoration $decoration, LetteredText $text, House $house): Response
    {
        abort_if(Lettering::of($decoration)?->id !== $text->lettering_id, 404);
        $track = Track::of(
            (new TapeReader())->fromString($text->tape),
            (int) $house->rules()->value(HouseRule::TrimJumps),
        );

        return (new Response($track->bytes))
            ->header('Content-Type', 'application/octet-stream')
            ->setPrivate()
            ->setMaxAge(86_400);
    }

    public function tape(Decoration $decoration, LetteredText $text): Response
    {
        abort_if(Lettering::of($decoration)?->id !== $text->lettering_id, 404);

        return (new Response($text->tape))
            ->header('Content-Type', 'application/octet-stream')
            ->header('Content-Disposition', "attachment; filename=\"name-{$text->id}.dst\"");
    }
}
