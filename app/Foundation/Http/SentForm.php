<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Support\ViewErrorBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form that a page gave a number of its own. Touched twice, or sent once more because no answer came, it is the same
 * form with the same content: it is stored once, and answered the same.
 */
final readonly class SentForm
{
    /** The field that carries the number; every form with a token has it. */
    public const FIELD = '_form';
    /** And on which page it stood, where whoever sends it does not say so themselves. */
    public const FROM = '_from';
    /** Told once after it; what else a page is told may be a secret, and is not kept. */
    private const SAID = ['done', 'problem'];
    private const DAYS = 2;

    private function __construct(private Request $request, private string $sign) {}

    /** The hidden fields: the token, a number nobody had before, and the page. */
    public static function fields(): string
    {
        $hidden = '<input type="hidden" name="%s" value="%s">';

        return sprintf($hidden, '_token', e(csrf_token()))
            .sprintf($hidden, self::FIELD, Str::uuid())
            .sprintf($hidden, self::FROM, e(self::page(request())));
    }

    /** Where a form stands: a part of a page that is drawn anew stands on that page, whatever address draws it. */
    private static function page(Request $request): string
    {
        $whole = $request->headers->get('HX-Current-URL');
        if ($whole === null) {
            return $request->getRequestUri();
        }
        $query = (string) parse_url($whole, PHP_URL_QUERY);

        return parse_url($whole, PHP_URL_PATH).($query === '' ? '' : "?{$query}");
    }

    /** Null where it came without a number. */
    public static function of(Request $request): ?self
    {
        $number = $request->input(self::FIELD);
        if (! is_string($number) || ! Str::isUuid($number)) {
            return null;
        }
        $files = array_map(
            static fn(mixed $file): mixed => $file instanceof \SplFileInfo
                ? @hash_file('sha256', (string) $file->getRealPath())
                : null,
            $request->allFiles(),
        );
        $content = [$request->method(), $request->path(), $request->except(['_token']), $files];

        return new self($request, hash('sha256', json_encode($content, JSON_THROW_ON_ERROR)));
    }

    /** What was answered to the same form; null where it is new. */
    public function answer(): ?Response
    {
        $told = DB::table('sent_forms')->where('sign', $this->sign)->first();
        if ($told === null) {
            return null;
        }
        $answer = new RedirectResponse((string) $told->answer, 303);
        $said = json_decode((string) $told->said, true, 8, JSON_THROW_ON_ERROR);
        foreach (array_intersect_key($said, array_flip(self::SAID)) as $key => $words) {
            $this->request->session()->flash($key, $words);
        }

        return $answer;
    }

    /** Only what led to another page can be answered again without being done again. */
    public function store(Response $response): void
    {
        if (! $response->isRedirection() || ! $this->request->hasSession()) {
            return;
        }
        $said = [];
        foreach ((array) $this->request->session()->get('_flash.new', []) as $key) {
            $of = $this->request->session()->get((string) $key);
            if ($of instanceof ViewErrorBag || ! in_array($key, self::SAID, true) || ! is_string($of)) {
                return;
            }
            $said[$key] = $of;
        }
        $to = $response->headers->get('Location') ?? '';
        $now = CarbonImmutable::now();
        DB::table('sent_forms')->where('sent_at', '<', $now->subDays(self::DAYS))->limit(100)->delete();
        if (strlen($to) <= 500) {
            DB::table('sent_forms')->insertOrIgnore([
                'sign' => $this->sign,
                'answer' => $to,
                'said' => json_encode($said, JSON_THROW_ON_ERROR),
                'sent_at' => $now,
            ]);
        }
    }
}
