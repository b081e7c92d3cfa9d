<?php

declare(strict_types=1);

namespace App\Api\OpenApi;

/** What a request is checked against, as JSON Schema. */
final class RulesSchema
{
    /**
     * @param array<string, list<string>> $rules by field; those of a list under `lines.*`
     *
     * @return array<string, mixed> an object
     */
    public static function of(array $rules): array
    {
        return self::object('', $rules);
    }

    /**
     * A field alone, as it stands in an address.
     *
     * @param list<string> $rules
     *
     * @return array<string, mixed>
     */
    public static function field(array $rules): array
    {
        return self::plain($rules);
    }

    /**
     * @param array<string, list<string>> $rules
     *
     * @return array<string, mixed>
     */
    private static function object(string $under, array $rules): array
    {
        $fields = $required = [];
        foreach ($rules as $path => $of) {
            if (! str_starts_with($path, $under) || preg_match('/^[^.*]+$/', substr($path, strlen($under))) !== 1) {
                continue;
            }
            $name = substr($path, strlen($under));
            $fields[$name] = match (true) {
                in_array('list', $of, true) => [
                    'type' => 'array',
                    'items' => self::object("{$path}.*.", $rules),
                    ...in_array('min:1', $of, true) ? ['minItems' => 1] : [],
                ],
                self::named('array', $of) !== null => [
                    ...self::object("{$path}.", $rules),
                    'additionalProperties' => false,
                ],
                default => self::plain($of),
            };
            if (in_array('required', $of, true)) {
                $required[] = $name;
            }
        }

        return ['type' => 'object', ...$required === [] ? [] : ['required' => $required], 'properties' => $fields];
    }

    /**
     * @param list<string> $rules
     *
     * @return array<string, mixed>
     */
    private static function plain(array $rules): array
    {
        $between = self::named('between', $rules);
        $most = self::named('max', $rules);
        $enum = self::named('in', $rules);
        $pattern = self::named('regex', $rules);
        $date = self::named('date_format', $rules);
        $type = match (true) {
            in_array('integer', $rules, true) => 'integer',
            in_array('boolean', $rules, true) => 'boolean',
            default => 'string',
        };
        $isNull = in_array('nullable', $rules, true);

        return array_filter([
            'type' => $isNull ? [$type, 'null'] : $type,
            'format' => match (true) {
                in_array('file', $rules, true) => 'binary',
                $date !== null => 'date-time',
                default => null,
            },
            'enum' => $enum === null ? null : [...explode(',', $enum), ...$isNull ? [null] : []],
            'pattern' => $pattern === null ? null : preg_replace('~^/|/D?$~', '', $pattern),
            'minimum' => $between === null ? null : (int) explode(',', $between)[0],
            'maximum' => $between === null ? null : (int) explode(',', $between)[1],
            'maxLength' => $most === null || in_array('file', $rules, true) ? null : (int) $most,
        ], static fn(mixed $one): bool => $one !== null);
    }

    /**
     * @param list<string> $rules
     *
     * @return string|null what stands behind its name; null where there is no such rule
     */
    private static function named(string $name, array $rules): ?string
    {
        foreach ($rules as $rule) {
            if ($rule === $name || str_starts_with($rule, "{$name}:")) {
                return substr($rule, strlen($name) + 1);
            }
        }

        return null;
    }
}
