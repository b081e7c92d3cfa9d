<?php

declare(strict_types=1);

namespace App\Api\OpenApi;

use App\Api\Shapes\ApiShape;
use BackedEnum;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use LogicException;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;
use ReflectionUnionType;

/** A shape as JSON Schema: read from its fields, their types and what its comments say of them. */
final class ShapeSchema
{
    private const PLAIN = ['int' => 'integer', 'float' => 'number', 'string' => 'string', 'bool' => 'boolean'];
    private const REQUIRED_NOT = ['errors'];

    /** @var array<string, array<string, mixed>> by name, of all that was asked for and what they hold */
    private array $found = [];

    /** @return array<string, array<string, mixed>> */
    public function all(): array
    {
        ksort($this->found);

        return $this->found;
    }

    /**
     * @param class-string $shape
     *
     * @return array<string, mixed> where it stands
     */
    public function of(string $shape): array
    {
        $class = new ReflectionClass($shape);
        $name = Str::beforeLast($class->getShortName(), 'Shape');
        if (! isset($this->found[$name])) {
            $this->found[$name] = [];
            $this->found[$name] = $this->read($class);
        }

        return ['$ref' => "#/components/schemas/{$name}"];
    }

    /**
     * @param ReflectionClass<object> $class
     *
     * @return array<string, mixed>
     */
    private function read(ReflectionClass $class): array
    {
        $constructor = $class->getConstructor() ?? throw new LogicException($class->getName());
        $said = Comment::params((string) $constructor->getDocComment());
        $fields = [];
        foreach ($constructor->getParameters() as $parameter) {
            [$type, $words] = $said[$parameter->getName()] ?? ['', ''];
            $schema = $this->type($parameter, $type, $class);
            // Where it is described elsewhere, what is said of it here stands around that.
            $fields[Str::snake($parameter->getName())] = match (true) {
                $words === '' => $schema,
                isset($schema['$ref']) => ['allOf' => [$schema], 'description' => $words],
                default => [...$schema, 'description' => $words],
            };
        }

        return [
            'type' => 'object',
            'description' => Comment::summary((string) $class->getDocComment()),
            'required' => array_values(array_diff(array_keys($fields), self::REQUIRED_NOT)),
            'properties' => $fields,
        ];
    }

    /**
     * @param ReflectionClass<object> $class
     *
     * @return array<string, mixed>
     */
    private function type(ReflectionParameter $parameter, string $said, ReflectionClass $class): array
    {
        $type = $parameter->getType();
        if ($type instanceof ReflectionNamedType && $type->getName() !== 'array') {
            $schema = $this->named($type->getName());

            return match (true) {
                ! $type->allowsNull() => $schema,
                isset($schema['$ref']) => ['oneOf' => [$schema, ['type' => 'null']]],
                default => [...$schema, 'type' => [$schema['type'], 'null']],
            };
        }
        if ($type instanceof ReflectionUnionType || $type instanceof ReflectionNamedType) {
            return $this->many($said, $class);
        }

        throw new LogicException("{$class->getName()} says nothing of {$parameter->getName()}");
    }

    /**
     * `list<Fabric>`, `array<string, int>`.
     *
     * @param ReflectionClass<object> $class in which it is said
     *
     * @return array<string, mixed>
     */
    private function many(string $said, ReflectionClass $class): array
    {
        return match (true) {
            preg_match('/^list<(.+)>$/', $said, $of) === 1 => ['type' => 'array', 'items' => $this->many($of[1], $class)],
            preg_match('/^array<string, (.+)>(\|stdClass)?$/', $said, $of) === 1 => [
                'type' => 'object',
                'additionalProperties' => $this->many($of[1], $class),
            ],
            isset(self::PLAIN[$said]) => $this->named($said),
            default => $this->named(Comment::resolve($said, $class)),
        };
    }

    /** @return array<string, mixed> */
    private function named(string $type): array
    {
        return match (true) {
            isset(self::PLAIN[$type]) => ['type' => self::PLAIN[$type]],
            $type === CarbonImmutable::class => ['type' => 'string', 'format' => 'date-time'],
            is_subclass_of($type, BackedEnum::class) => ['type' => 'string', 'enum' => array_column($type::cases(), 'value')],
            is_subclass_of($type, ApiShape::class) => $this->of($type),
            default => throw new LogicException("no schema of {$type}"),
        };
    }
}
