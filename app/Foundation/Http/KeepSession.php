<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/**
 * A session is written where something in it has changed, and once an hour so that it is seen to be in use: most pages
 * only read it. The page a form was sent from says so itself, and old sessions are cleared away by the worker, not while
 * somebody waits.
 */
final class KeepSession extends StartSession
{
    private const USED = '_used';
    private const USED_S = 3600;

    /** @var array<array-key, mixed> what was in it when it was read */
    private array $before = [];
    private string $id = '';

    /**
     * @param \Illuminate\Contracts\Session\Session $session
     *
     * @return \Illuminate\Contracts\Session\Session
     */
    protected function startSession(Request $request, $session)
    {
        $session = parent::startSession($request, $session);
        if (time() - (int) $session->get(self::USED, 0) > self::USED_S) {
            $session->put(self::USED, time());
            [$this->before, $this->id] = [[], ''];
        } else {
            [$this->before, $this->id] = [$session->all(), $session->getId()];
        }
        $from = $request->input(SentForm::FROM);
        if (! $request->headers->has('Referer') && is_string($from) && str_starts_with($from, '/')) {
            $request->headers->set('Referer', $request->getSchemeAndHttpHost().$from);
        }

        return $session;
    }

    protected function collectGarbage(\Illuminate\Contracts\Session\Session $session): void {}

    /**
     * @param \Illuminate\Contracts\Session\Session $session
     */
    protected function storeCurrentUrl(Request $request, $session): void {}

    /** @param Request $request */
    protected function saveSession($request): void
    {
        $session = $this->manager->driver();
        // What was told to this page is forgotten by writing it.
        $isTold = (array) $session->get('_flash.old', []) !== [] || (array) $session->get('_flash.new', []) !== [];
        if ($isTold || $session->getId() !== $this->id || $session->all() !== $this->before) {
            parent::saveSession($request);
        }
    }
}
