<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\Actions\Programs;
use App\Api\Actions\Webhooks;
use App\Api\Http\Requests\LetProgramIn;
use App\Api\Http\Requests\TellAt;
use App\Api\Models\ConnectedProgram;
use App\Api\Models\Delivery;
use App\Api\Models\Webhook;
use App\People\Caller;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Programs that were let in, and the door for others. */
final class ProgramController
{
    public function index(): View
    {
        return view('api.programs', [
            'programs' => ConnectedProgram::query()->with(['tokens', 'webhook'])->whereNull('revoked_at')->orderBy('id')->get(),
        ]);
    }

    public function letIn(LetProgramIn $request): RedirectResponse
    {
        $name = trim($request->string('name')->value());
        $form = $request->string('form')->lower()->value();
        $token = Programs::letIn($name, $request->scopes(), $form, Caller::acting($request));

        return $token === null
            ? redirect()->route('programs.show')->with('problem', __('api.page.was_let_in', ['name' => $name]))
            : redirect()->route('programs.show')->with(['token' => $token, 'token_of' => $name]);
    }

    public function shutOut(ConnectedProgram $program): RedirectResponse
    {
        Programs::shutOut($program);

        return redirect()
            ->route('programs.show')
            ->with('done', __('api.page.was_disconnected', ['name' => $program->name]));
    }

    /** Where it is told what is new, and what of that it heard. */
    public function show(ConnectedProgram $program): View
    {
        abort_if($program->revoked_at !== null, 404);
        $webhook = $program->webhook()->first();

        return view('api.told', [
            'program' => $program,
            'webhook' => $webhook,
            'page' => Delivery::query()
                ->with(['news' => static fn($news) => $news->select(['id', 'sign', 'kind', 'number', 'made_at'])])
                ->where('webhook_id', $webhook->id ?? 0)
                ->orderByDesc('id')
                ->simplePaginate(30),
        ]);
    }

    public function tellAt(TellAt $request, ConnectedProgram $program): RedirectResponse
    {
        $secret = Webhooks::tellAt($program, $request->string('url')->value());

        return redirect()->route('programs.told', $program)->with(
            $secret === null ? ['done' => __('api.told.saved')] : ['secret' => $secret],
        );
    }

    public function end(ConnectedProgram $program): RedirectResponse
    {
        Webhooks::end($program);

        return redirect()->route('programs.told', $program)->with('done', __('api.told.ended'));
    }

    public function tryNow(ConnectedProgram $program): RedirectResponse
    {
        Webhooks::tryNow($program->webhook()->firstOrFail());

        return redirect()->route('programs.told', $program)->with('done', __('api.told.tried'));
    }

    public function again(Delivery $delivery): RedirectResponse
    {
        Webhooks::again($delivery);
        $webhook = Webhook::query()->findOrFail($delivery->webhook_id);

        return redirect()
            ->route('programs.told', $webhook->connected_program_id)
            ->with('done', __('api.told.tried'));
    }
}
