<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpParser\Node\Name;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;

/** Which class of the project names which other, read from the sources. */
final readonly class Dependencies
{
    /** @param array<string, list<string>> $uses class => the classes it names */
    private function __construct(public array $uses) {}

    /** @param array<string, string> $sources class => source */
    public static function in(array $sources): self
    {
        $parser = (new ParserFactory())->createForHostVersion();
        $uses = [];
        foreach ($sources as $class => $source) {
            $resolving = new NodeTraverser(new NameResolver());
            $names = array_map(
                static fn(Name $name): string => ltrim($name->toString(), '\\'),
                (new NodeFinder())->findInstanceOf($resolving->traverse($parser->parse($source) ?? []), Name::class),
            );
            $uses[$class] = array_values(
                array_unique(
                    array_filter($names, static fn(string $name): bool => $name !== $class && isset($sources[$name])),
                ),
            );
        }

        return new self($uses);
    }

    /** The same between folders; what is internal to a folder belongs to it. */
    public function betweenFolders(): self
    {
        $folder = static fn(string $class): string => (string) preg_replace('~(\\\\Internal)?\\\\\w+$~', '', $class);
        $uses = [];
        foreach ($this->uses as $class => $used) {
            foreach ($used as $other) {
                if ($folder($class) !== $folder($other)) {
                    $uses[$folder($class)][$folder($other)] = $folder($other);
                }
            }
        }

        return new self(array_map(array_values(...), $uses));
    }

    /**
     * Those that use each other in a ring: what still stands when everything that uses nothing, or that nobody uses,
     * has been taken away again and again.
     *
     * @return list<string>
     */
    public function inCycles(): array
    {
        $left = $this->uses;
        do {
            $before = count($left);
            $left = array_map(
                static fn(array $used): array => array_values(
                    array_filter($used, static fn(string $one): bool => isset($left[$one])),
                ),
                $left,
            );
            $used = array_flip(array_merge([], ...array_values($left)));
            $left = array_filter(
                $left,
                static fn(array $uses, string $one): bool => $uses !== [] && isset($used[$one]),
                ARRAY_FILTER_USE_BOTH,
            );
        } while (count($left) < $before);

        return array_keys($left);
    }
}
