<?php

declare(strict_types=1);

namespace App\Api\OpenApi;

use LogicException;
use ReflectionClass;

/** What a comment above a class, a method or a constructor says. */
final class Comment
{
    /** Its first paragraph. */
    public static function summary(string $comment): string
    {
        $lines = [];
        foreach (self::lines($comment) as $line) {
            if ($line === '' || str_starts_with($line, '@')) {
                if ($lines !== []) {
                    break;
                }
                continue;
            }
            $lines[] = $line;
        }

        return implode(' ', $lines);
    }

    /** @return array<string, array{string, string}> field => its type and what is said of it */
    public static function params(string $comment): array
    {
        $params = [];
        foreach (self::lines($comment) as $line) {
            if (preg_match('/^@param (.+?) +\$(\w+) *(.*)$/', $line, $of) === 1) {
                $params[$of[2]] = [trim($of[1]), trim($of[3])];
            }
        }

        return $params;
    }

    /** @return string the type that is answered; '' where none is said */
    public static function returns(string $comment): string
    {
        return preg_match('/@return (\S+)/', $comment, $of) === 1 ? $of[1] : '';
    }

    /**
     * The class that is meant by a short name: beside the one it is said in, or one that its file imports.
     *
     * @param ReflectionClass<object> $in
     *
     * @return class-string
     */
    public static function resolve(string $short, ReflectionClass $in): string
    {
        $beside = $in->getNamespaceName().'\\'.$short;
        if (class_exists($beside) || enum_exists($beside)) {
            return $beside;
        }
        preg_match('/^use ([\w\\\\]+\\\\'.preg_quote($short, '/').');$/m', (string) file_get_contents((string) $in->getFileName()), $of);
        $class = $of[1] ?? '';

        return class_exists($class) || enum_exists($class) ? $class : throw new LogicException("{$in->getName()}: {$short}");
    }

    /** @return list<string> */
    private static function lines(string $comment): array
    {
        return array_map(
            static fn(string $line): string => trim(preg_replace('~^\s*/?\*+/?|\*/$~', '', $line) ?? ''),
            explode("\n", $comment),
        );
    }
}
