<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Foundation\ShopProfile;
use App\Orders\Approvals\ApprovalAnswer;
use App\Orders\Approvals\ApprovalBook;
use App\Orders\Models\Approval;
use App\Orders\Queries\OrderedGarments;
use App\Orders\Queries\OrderSteps;
use App\Plan\Queries\PlanBoard;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/**
 * What a customer sees by the link they were sent, without an account: what will be sewn, to say yes or what is to
 * change, and
 * where the order stands. Nothing else can be reached from here.
 */
final readonly class CustomerPageController
{
    public function __construct(private ShopProfile $premises) {}

    public function show(string $token, PlanBoard $board): Response
    {
        $approval = Approval::query()->with('order.customer')->where('token_hash', Approval::hash($token))->first();
        if ($approval === null) {
            return $this->unlisted(null, 404, static fn(): string => view('approval.gone')->render());
        }
        $language = $approval->order->customer->language;
        if ($approval->isOver()) {
            return $this->unlisted($language, 410, static fn(): string => view('approval.gone')->render());
        }
        $order = $approval->order->load('lines');

        return $this->unlisted($language, 200, static function () use ($approval, $order, $board, $token): string {
            $garments = OrderedGarments::of($order);
            $ends = $board->orderEnds($order->id, $garments->pieces - $garments->piecesDone);

            return view('approval.show', [
                'token' => $token,
                'approval' => $approval,
                'shown' => $approval->seen(),
                'steps' => OrderSteps::of($order, $garments, $ends),
            ])->render();
        });
    }

    public function answer(Request $request, string $token): RedirectResponse|Response
    {
        $approval = Approval::query()->with('order.customer')->where('token_hash', Approval::hash($token))->first();
        if ($approval === null) {
            return $this->unlisted(null, 404, static fn(): string => view('approval.gone')->render());
        }
        $language = $approval->order->customer->language;

        return $this->premises->writeTo($language, static function () use ($request, $token, $approval): RedirectResponse {
            $request->validate([
                'answer' => ['required', Rule::enum(ApprovalAnswer::class)],
                'name' => ['required', 'string', 'max:80'],
                'wish' => ['nullable', 'required_if:answer,change', 'string', 'max:2000'],
                'seen' => ['required', Rule::in([$approval->shown_hash])],
            ], [
                'answer.*' => __('approval.page.say_which'),
                'name.*' => __('approval.page.say_your_name'),
                'wish.*' => __('approval.page.say_what_to_change'),
                'seen.*' => __('money.invoice_controller.reload_the_page'),
            ]);
            $was = ApprovalBook::answer(
                $approval,
                ApprovalAnswer::from($request->string('answer')->value()),
                $request->string('name')->trim()->value(),
                $request->string('wish')->trim()->value(),
            );

            return redirect()
                ->route('approval.show', $token)
                ->with($was ? 'done' : 'problem', __($was ? 'approval.page.thank_you' : 'approval.page.answered_before'));
        });
    }

    /** @param Closure(): string $page for this person alone: kept by nobody, found by no search engine */
    private function unlisted(?string $language, int $status, Closure $page): Response
    {
        return (new Response($this->premises->writeTo($language, $page), $status))
            ->header('X-Robots-Tag', 'noindex')
            ->header('Cache-Control', 'no-store, private');
    }
}
