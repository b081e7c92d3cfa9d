<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use App\People\Models\Person;
use Hakama\House\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use ReflectionNamedType;
use Tests\Feature\FeatureTestCase;

/** Whatever is sent to an address, the answer is never that something broke. */
final class FuzzTest extends FeatureTestCase
{
    /** Fields of addresses that read them without a form request of their own. */
    private const FIELDS = [
        'batch',
        'machine',
        'rank',
        'version',
        'pieces',
        'fixed',
        'into',
        'zoom',
        'day',
        'show',
        'lines',
        'who',
        'hex',
        'cloth',
        'q',
        'page',
        'codes',
        'seen',
    ];
    /** What an address names, one that is there for each. */
    public const THERE = [
        'order' => '1008',
        'machine' => 'M1',
        'number' => '2',
        'code' => 'B-108',
        'batch' => 'B-108',
        'artwork' => '1',
        'decoration' => '7',
        'style' => '1',
        'thread' => 'D-03',
        'proposal' => '999',
        'person' => '2',
        'line' => '1',
        'tablet' => '1',
        'change' => '1',
        'step' => 'people',
        'list' => 'frames',
        'key' => 'nothing',
        'kind' => 'off',
        'which' => '1',
        'text' => '1',
        'piece' => '1',
        'bundle' => '1',
        'kept' => '1',
        'finishing' => '1',
        'invoice' => '1',
    ];

    /** @return iterable<string, array{mixed}> */
    public static function values(): iterable
    {
        yield 'nothing' => [''];
        yield 'a list' => [['1', ['2']]];
        yield 'broken letters' => ["\xff\xfe"];
        yield 'a zero byte' => ["M1\0"];
        yield 'a number far too large' => ['99999999999999999999'];
        yield 'below zero' => ['-1'];
        yield 'a fraction' => ['1e309'];
        yield 'a very long word' => [str_repeat('ä', 1500)];
    }

    #[Test]
    #[DataProvider('values')]
    public function no_address_breaks_over_what_is_sent_to_it(mixed $value): void
    {
        Queue::fake();
        [$asked, $broken] = $this->ask(static fn(int $nth): mixed => $value);
        self::assertSame([], $broken);
        self::assertGreaterThan(60, $asked);
    }

    #[Test]
    public function bytes_that_are_no_letters_are_refused_though_all_else_is_right(): void
    {
        foreach (["by the window\xff", "by the\0 window"] as $name) {
            $this->post('/shop/people/tablets', ['tablet' => $name])
                ->assertStatus(400)
                ->assertSee('Nothing was stored');
            $this->get('/orders?q='.rawurlencode($name))->assertStatus(400);
            $this->postJson(
                '/machines/reports',
                ['id' => "a\0b", 'kind' => 'sewn'],
                ['Authorization' => 'Bearer '.\Database\Demo\DemoShop::token('M1')],
            )
                ->assertStatus(400)
                ->assertJsonStructure(['message']);
        }
        self::assertSame(0, DB::table('pairings')->whereNotNull('tablet')->count());
        $this->post('/shop/people/tablets', ['tablet' => 'by the wïndow 🪡'])->assertSessionHas('code');
    }

    /** @return iterable<string, array{Role|null, int}> */
    public static function roles(): iterable
    {
        foreach ([null, ...Role::cases()] as $i => $role) {
            yield $role->value ?? 'nobody' => [$role, $i];
        }
    }

    /** Each field another of the values, for each role others: what one may not send is refused, and breaks nothing. */
    #[Test]
    #[DataProvider('roles')]
    public function no_address_breaks_whoever_asks(?Role $role, int $shift): void
    {
        Queue::fake();
        $person = $role === null ? null : Person::query()->create(['name' => "One {$role->value}", 'role' => $role]);
        $values = array_column(iterator_to_array(self::values(), false), 0);
        [, $broken] = $this->ask(
            static fn(int $nth): mixed => $values[($nth + $shift) % count($values)],
            fn() => $person === null ? app('auth')->guard()->logout() : $this->actingAs($person),
        );
        self::assertSame([], $broken);
    }

    /**
     * @param \Closure(int): mixed $value of a request's nth field
     * @param \Closure|null        $as    signs in whoever asks
     *
     * @return array{int, list<string>} how often was asked, and what broke
     */
    private function ask(\Closure $value, ?\Closure $as = null): array
    {
        $asked = 0;
        $broken = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (! in_array('web', $route->gatherMiddleware(), true)) {
                continue;
            }
            $path =
                '/'.
                preg_replace_callback(
                    '/\{(\w+)(?::\w+)?\??\}/',
                    static fn(array $name): string => self::THERE[$name[1]] ?? '1',
                    $route->uri(),
                );
            $known = $this->fields($route);
            $flat = $deep = [];
            foreach ([...self::FIELDS, ...$known] as $i => $field) {
                str_contains($field, '.')
                    ? Arr::set($deep, str_replace('*', '1', $field), $value($i))
                    : ($flat[$field] = $value($i));
            }
            foreach ($deep === [] ? [$flat] : [$flat, [...$flat, ...$deep]] as $fields) {
                foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                    DB::beginTransaction();
                    $as === null || $as();
                    $answer = $this->call($method, $path, $fields);
                    DB::rollBack();
                    app()->forgetScopedInstances();
                    if ($answer->getStatusCode() >= 500) {
                        $broken[] =
                            "{$method} {$path}: ".mb_strimwidth((string) $answer->exception?->getMessage(), 0, 160);
                    }
                    $asked++;
                }
            }
        }

        return [$asked, $broken];
    }

    /** @return list<string> the fields that a route's form request knows, those inside of lists too */
    private function fields(OneRoute $route): array
    {
        [$class, $method] = [...explode('@', $route->getActionName()), '__invoke'];
        if (! method_exists($class, $method)) {
            return [];
        }
        foreach ((new \ReflectionMethod($class, $method))->getParameters() as $parameter) {
            $type = $parameter->getType();
            if ($type instanceof ReflectionNamedType && is_subclass_of($type->getName(), FormRequest::class)) {
                $request = $type->getName()::create('/');
                $request->setContainer(app())->setRouteResolver(static fn(): OneRoute => $route->bind($request));
                try {
                    $rules = app()->call([$request, 'rules']);
                } catch (\Throwable) {
                    // Rules that want more of the address than is there.
                    return [];
                }

                return array_map(strval(...), array_keys($rules));
            }
        }

        return [];
    }
}
