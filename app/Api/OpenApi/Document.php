<?php

declare(strict_types=1);

namespace App\Api\OpenApi;

use App\Api\Http\ApiProblem;
use App\Api\Http\Idempotent;
use App\Api\Http\Requests\SendArtwork;
use App\Api\Http\RequireScope;
use App\Api\Jobs\DeliverNews;
use App\Api\NewsKind;
use App\Api\Scope;
use App\Api\Shapes\Listing;
use App\Api\Shapes\NewsShape;
use App\Api\Shapes\ProblemShape;
use App\Api\Shapes\Stored;
use App\Foundation\Words\Languages;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use Illuminate\Support\Str;
use LogicException;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;

/**
 * The interface as OpenAPI 3.1 has it, written from the routes, the requests and the shapes of the answers. No package
 * that does so runs here with all it wants.
 */
final class Document
{
    private const PREFIX = 'api/v1';
    private const NAME = 'api.';

    /** @return array<string, mixed> */
    public static function of(Router $router): array
    {
        $schemas = new ShapeSchema();
        $problem = $schemas->of(ProblemShape::class);
        $paths = [];
        foreach ($router->getRoutes()->getRoutes() as $route) {
            $scope = RequireScope::of($route);
            if ($scope !== null) {
                $path = preg_replace('/\{(\w+):\w+\}/', '{$1}', Str::after($route->uri(), self::PREFIX)) ?? '';
                $paths[$path][strtolower($route->methods()[0])] = self::operation($route, $scope, $schemas);
            }
        }
        $refused = [ApiProblem::TYPE => ['schema' => $problem]];

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => config('app.name'),
                'version' => '1',
                'license' => ['name' => 'MIT', 'identifier' => 'MIT'],
            ],
            'servers' => [['url' => '/'.self::PREFIX]],
            'paths' => $paths,
            'webhooks' => self::webhooks($schemas),
            'components' => [
                'schemas' => $schemas->all(),
                'responses' => ['Refused' => ['description' => 'Refused', 'content' => $refused]],
                'securitySchemes' => ['token' => ['type' => 'http', 'scheme' => 'bearer']],
            ],
        ];
    }

    /** @return array<string, mixed> what a program is told by itself */
    private static function webhooks(ShapeSchema $schemas): array
    {
        $told = [];
        foreach (NewsKind::cases() as $kind) {
            $told[$kind->value] = ['post' => [
                'operationId' => Str::camel(str_replace('.', ' ', "told.{$kind->value}")),
                'summary' => Languages::in('en', static fn(): string => $kind->words()),
                'security' => [],
                'x-scope' => $kind->scope()->value,
                'parameters' => array_map(static fn(string $name): array => [
                    'name' => $name,
                    'in' => 'header',
                    'required' => true,
                    'schema' => ['type' => 'string'],
                ], DeliverNews::HEADERS),
                'requestBody' => ['content' => ['application/json' => ['schema' => $schemas->of(NewsShape::class)]]],
                'responses' => [
                    '2XX' => ['description' => 'Heard'],
                    '4XX' => ['description' => 'Refused'],
                ],
            ]];
        }

        return $told;
    }

    /** @return array<string, mixed> */
    private static function operation(Route $route, Scope $scope, ShapeSchema $schemas): array
    {
        $method = new ReflectionMethod($route->getControllerClass() ?? '', $route->getActionMethod());
        $comment = (string) $method->getDocComment();
        [$status, $answer] = self::answer($method, $comment, $schemas);
        $isRead = in_array('GET', $route->methods(), true);
        $rules = self::rules($method);
        $refusals = ['401', '403', ...$route->parameterNames() === [] ? [] : ['404'], ...$rules === [] ? [] : ['422'], '429'];

        return [
            'operationId' => Str::camel(str_replace(['.', '-'], ' ', Str::after((string) $route->getName(), self::NAME))),
            'summary' => Comment::summary($comment),
            'tags' => [explode('/', Str::after($route->uri(), self::PREFIX))[1]],
            'security' => [['token' => []]],
            'x-scope' => $scope->value,
            'parameters' => [
                ...array_map(self::inPath(...), $route->parameterNames()),
                ...$isRead ? self::inQuery($rules) : [self::key()],
            ],
            ...$isRead || $rules === [] ? [] : ['requestBody' => [
                'required' => true,
                'content' => [self::type($method) => ['schema' => RulesSchema::of($rules)]],
            ]],
            'responses' => [$status => $answer]
                + array_fill_keys($refusals, ['$ref' => '#/components/responses/Refused']),
        ];
    }

    /** @return array{string, array<string, mixed>} its status, and what it holds */
    private static function answer(ReflectionMethod $method, string $comment, ShapeSchema $schemas): array
    {
        $type = $method->getReturnType();
        $class = $type instanceof ReflectionNamedType ? $type->getName() : throw new LogicException($method->name);
        $of = preg_match('/<(\w+)>/', Comment::returns($comment), $named) === 1
            ? $schemas->of(Comment::resolve($named[1], $method->getDeclaringClass()))
            : $schemas->of(class_exists($class) ? $class : throw new LogicException($class));
        $holds = static fn(array $schema): array => ['application/json' => ['schema' => $schema]];

        return match ($class) {
            Listing::class => ['200', ['description' => 'OK', 'content' => $holds([
                'type' => 'object',
                'required' => ['items', 'next'],
                'properties' => [
                    'items' => ['type' => 'array', 'items' => $of],
                    'next' => [
                        'type' => ['integer', 'null'],
                        'description' => Comment::params(
                            (string) (new ReflectionClass(Listing::class))->getConstructor()?->getDocComment(),
                        )['next'][1],
                    ],
                ],
            ])]],
            Stored::class => ['201', [
                'description' => 'Created',
                'headers' => ['Location' => ['schema' => ['type' => 'string']]],
                'content' => $holds($of),
            ]],
            default => ['200', ['description' => 'OK', 'content' => $holds($of)]],
        };
    }

    /** @return array<string, list<string>> what its request is checked against */
    private static function rules(ReflectionMethod $method): array
    {
        foreach ($method->getParameters() as $parameter) {
            $type = $parameter->getType();
            $class = $type instanceof ReflectionNamedType ? $type->getName() : '';
            if (is_subclass_of($class, FormRequest::class) && method_exists($class, 'rules')) {
                return (new $class())->rules();
            }
        }

        return [];
    }

    private static function type(ReflectionMethod $method): string
    {
        $type = $method->getParameters()[0]->getType();

        return $type instanceof ReflectionNamedType && $type->getName() === SendArtwork::class
            ? 'multipart/form-data'
            : 'application/json';
    }

    /** @return array<string, mixed> */
    private static function inPath(string $name): array
    {
        return ['name' => $name, 'in' => 'path', 'required' => true, 'schema' => ['type' => 'integer']];
    }

    /**
     * @param array<string, list<string>> $rules
     *
     * @return list<array<string, mixed>>
     */
    private static function inQuery(array $rules): array
    {
        return array_map(
            static fn(string $name, array $of): array => [
                'name' => $name,
                'in' => 'query',
                'schema' => RulesSchema::field(array_values(array_diff($of, ['nullable']))),
            ],
            array_keys($rules),
            $rules,
        );
    }

    /** @return array<string, mixed> */
    private static function key(): array
    {
        return [
            'name' => Idempotent::HEADER,
            'in' => 'header',
            'required' => true,
            'schema' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 80],
        ];
    }
}
