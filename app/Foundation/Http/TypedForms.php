<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Contracts\Container\Container;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Request;
use Illuminate\Routing\Redirector;
use Illuminate\Validation\ValidationException;

/** Checks a form where its page says what is wrong itself, instead of being gone back to. */
final readonly class TypedForms
{
    public function __construct(private Container $container, private Redirector $redirector) {}

    /**
     * @template T of FormRequest
     *
     * @param class-string<T> $form
     *
     * @return T
     *
     * @throws ValidationException
     */
    public function checked(string $form, Request $request): FormRequest
    {
        $typed = $form::createFrom($request);
        $typed->setContainer($this->container)->setRedirector($this->redirector);
        $typed->setRouteResolver($request->getRouteResolver());
        $typed->validateResolved();

        return $typed;
    }
}
