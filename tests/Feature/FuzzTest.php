<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use ReflectionNamedType;

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
        yield 'a very long word' => [str_repeat('ä', 5000)];
    }

    #[Test]
    #[DataProvider('values')]
    public function no_address_breaks_over_what_is_sent_to_it(mixed $value): void
    {
        Queue::fake();
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
            $fields = array_fill_keys([...self::FIELDS, ...$this->fields($route)], $value);
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                DB::beginTransaction();
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
        self::assertSame([], $broken);
        self::assertGreaterThan(60, $asked);
    }

    /** @return list<string> the fields that a route's form request knows, without what is inside of lists */
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

                return array_values(
                    array_filter(
                        array_map(strval(...), array_keys($rules)),
                        static fn(string $field): bool => ! str_contains($field, '.'),
                    ),
                );
            }
        }

        return [];
    }
}
