<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Where somebody goes on who has added something: back, or to the step of the way in on which another is added. */
final class Onward
{
    public static function from(Request $request): RedirectResponse
    {
        $step = $request->string('another')->value();

        return preg_match('/^[a-z]{1,20}$/D', $step) === 1
            ? redirect()->route('begin.show', ['step' => $step])
            : redirect()->back();
    }
}
