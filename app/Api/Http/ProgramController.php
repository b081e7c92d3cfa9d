<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\Actions\Programs;
use App\Api\Http\Requests\LetProgramIn;
use App\Api\Models\ConnectedProgram;
use App\People\Caller;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Programs that were let in, and the door for others. */
final class ProgramController
{
    public function index(): View
    {
        return view('api.programs', [
            'programs' => ConnectedProgram::query()->with('tokens')->whereNull('revoked_at')->orderBy('id')->get(),
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
}
