<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\ViewErrorBag;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** A button that asks nothing of whoever presses it sends all that its address wants. */
final class EveryButtonTest extends FeatureTestCase
{
    /** Refused by the shop as it is, and not for a missing field: all frames are in use, the last owner. */
    private const REFUSED = '~/floor/M3/events$|/shop/people/1/retire$~';

    #[Test, DataProviderExternal(ManyPagesTest::class, 'pages'), DataProviderExternal(EveryWordTest::class, 'more')]
    public function what_is_only_pressed_is_never_told_that_something_is_missing(string $path): void
    {
        Queue::fake();
        foreach (self::pressed((string) $this->get($path)->getContent()) as [$method, $to, $fields]) {
            if (preg_match(self::REFUSED, $to) === 1) {
                continue;
            }
            DB::beginTransaction();
            session()->forget('errors');
            $answer = $this->from($path)->call($method, $to, $fields);
            DB::rollBack();
            $errors = session('errors');
            self::assertSame(
                [],
                $errors instanceof ViewErrorBag ? $errors->getBag('default')->getMessages() : [],
                "{$path}: {$method} {$to}",
            );
            self::assertLessThan(400, $answer->getStatusCode(), "{$path}: {$method} {$to}");
        }
        $this->addToAssertionCount(1);
    }

    #[Test]
    public function there_are_such_buttons_and_one_that_sends_too_little_is_found(): void
    {
        $all = self::pressed((string) $this->get('/plan/batches/B-107')->getContent());
        self::assertGreaterThan(2, count($all));
        $moves = array_values(array_filter($all, static fn(array $one): bool => str_ends_with($one[1], '/plan/moves')));
        self::assertNotSame([], $moves);
        [$method, $to, $fields] = $moves[0];
        self::assertArrayHasKey('rank', $fields);
        $this->call($method, $to, array_diff_key($fields, ['rank' => 0]))->assertSessionHasErrors('rank');
    }

    /** @return list<array{string, string, array<string, mixed>}> method, address, fields of each button */
    private static function pressed(string $page): array
    {
        $document = new DOMDocument();
        @$document->loadHTML('<?xml encoding="utf-8"?>'.$page);
        $find = new DOMXPath($document);
        $pressed = [];
        foreach ($find->query('//form[@method="post"]') ?: [] as $form) {
            assert($form instanceof DOMElement);
            $id = $form->getAttribute('id');
            $within = static fn(string $what): array => [
                ...iterator_to_array($find->query(".//{$what}", $form) ?: []),
                ...$id === '' ? [] : iterator_to_array($find->query("//{$what}[@form='{$id}']") ?: []),
            ];
            if ([...$within('select'), ...$within('textarea'), ...$within('input[not(@type="hidden")]')] !== []) {
                continue;
            }
            $hidden = [];
            foreach ($within('input') as $input) {
                $hidden[] = self::field($input);
            }
            foreach ($within('button') as $button) {
                parse_str(implode('&', array_filter([...$hidden, self::field($button)])), $fields);
                $method = strtoupper((string) ($fields['_method'] ?? 'post'));
                $pressed[] = [$method, $form->getAttribute('action'), $fields];
            }
        }

        return $pressed;
    }

    private static function field(mixed $control): string
    {
        assert($control instanceof DOMElement);
        $name = $control->getAttribute('name');

        return $name === '' ? '' : urlencode($name).'='.urlencode($control->getAttribute('value'));
    }
}
