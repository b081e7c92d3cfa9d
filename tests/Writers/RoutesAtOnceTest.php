<?php

declare(strict_types=1);

namespace Tests\Writers;

use App\Floor\Http\FolderLineController;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;

/** Every address that changes something, asked for by two and by eight in the same moment. */
final class RoutesAtOnceTest extends WritersTestCase
{
    protected function tearDown(): void
    {
        if (in_array($this->dataName(), ['sign-out', 'begin.shop', 'tablet.take'], true)) {
            self::comeAnew();
        }
        parent::tearDown();
    }

    /** @return iterable<string, array{string}> */
    public static function addresses(): iterable
    {
        foreach (array_keys(Writes::all()) as $name) {
            yield $name => [$name];
        }
    }

    #[Test]
    public function there_is_no_address_that_changes_something_and_is_not_tried(): void
    {
        $there = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            // What is only read from is asked for by more than one word.
            if (array_diff($route->methods(), FolderLineController::METHODS) !== []) {
                $there[] = $route->getName() ?? $route->uri();
            }
        }
        self::assertEqualsCanonicalizing(
            array_values(array_unique($there)),
            [...array_keys(Writes::all()), ...ApiAtOnceTest::ADDRESSES],
        );
    }

    #[Test]
    #[DataProvider('addresses')]
    public function one_form_is_stored_once_and_many_do_not_break_each_other(string $name): void
    {
        $write = Writes::all()[$name]();
        $before = self::counted();
        [[$status, $answer]] = self::atOnce([$write], Str::uuid()->toString());
        self::assertLessThan(500, $status, $answer);
        self::assertNotContains($status, [401, 403, 404, 405, 419], $answer);
        self::assertSame($write->mayBeRefused, $status === 422, $answer);
        $once = self::counted();

        foreach ([2, self::MOST] as $many) {
            self::asItWas();
            $write = Writes::all()[$name]();
            self::assertAllAnswered(self::atOnce(array_fill(0, $many, $write), Str::uuid()->toString()));
            self::assertSame($once, self::counted(), "one form, sent {$many} times at once");
        }

        self::asItWas();
        self::$senders = self::MOST;
        $write = Writes::all()[$name]();
        self::assertAllAnswered(self::atOnce(array_fill(0, self::MOST, $write)));
        $many = self::counted();
        match ($write->second) {
            Second::Refused => self::assertSame($once, $many, 'only first is stored'),
            Second::Each => self::assertEqualsWithDelta(self::times($before, $once), $many, 0.01, 'each is stored'),
            Second::Same => self::assertSame(
                array_diff_key($once, ['changes' => 0]),
                array_diff_key($many, ['changes' => 0]),
                'as after one',
            ),
            Second::Free => null,
        };
        $write->holds?->__invoke();
    }

    /** @param list<array{int, string}> $answers */
    private static function assertAllAnswered(array $answers): void
    {
        foreach ($answers as [$status, $answer]) {
            self::assertGreaterThanOrEqual(200, $status, $answer);
            self::assertLessThan(500, $status, $answer);
        }
    }

    /**
     * @param array<string, float> $before
     * @param array<string, float> $once
     *
     * @return array<string, float> what there is after as many as there were senders
     */
    private static function times(array $before, array $once): array
    {
        return array_combine(
            array_keys($once),
            array_map(
                static fn(string $of): float => $before[$of] + self::MOST * ($once[$of] - $before[$of]),
                array_keys($once),
            ),
        );
    }
}
