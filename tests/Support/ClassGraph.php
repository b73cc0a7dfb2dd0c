<?php

declare(strict_types=1);

namespace Tests\Support;

use FilesystemIterator;
use PhpParser\Node\Name\FullyQualified;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Which class of the core names which, and the circles among them (Tarjan's strongly connected components). */
final class ClassGraph
{
    /** @var list<list<string>> */
    private array $circles = [];

    /** @var list<string> */
    private array $stack = [];

    /** @var array<string, int> */
    private array $order = [];

    /** @var array<string, int> */
    private array $low = [];

    /** @param  array<string, list<string>>  $names  class => classes it names */
    public function __construct(private readonly array $names)
    {
    }

    public static function ofCore(): self
    {
        $parser = (new ParserFactory())->createForHostVersion();
        $names = [];
        $root = dirname(__DIR__, 2).'/core';
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file
        ) {
            if ($file->getExtension() === 'php') {
                $class = str_replace('/', '\\', substr($file->getPathname(), strlen($root) + 1, -4));
                $tree = (new NodeTraverser(new NameResolver()))->traverse(
                    $parser->parse((string) file_get_contents($file->getPathname())) ?? [],
                );
                $found = array_map(strval(...), (new NodeFinder())->findInstanceOf($tree, FullyQualified::class));
                $own = array_filter($found, fn (string $n): bool => str_starts_with($n, 'BenchGlow\\'));
                $names[$class] = array_values(array_unique(array_map(fn (string $n): string => substr($n, 10), $own)));
            }
        }

        return new self($names);
    }

    /** @return array<string, list<string>> room => rooms it names */
    public function rooms(): array
    {
        $rooms = [];
        foreach ($this->names as $class => $named) {
            $room = explode('\\', $class)[0];
            $rooms[$room] ??= [];
            foreach ($named as $other) {
                $rooms[$room][] = explode('\\', $other)[0];
            }
        }

        return array_map(fn (array $list): array => array_values(array_unique($list)), $rooms);
    }

    /** @return list<string> circles of two classes or more, each as its sorted names */
    public function circles(): array
    {
        foreach (array_keys($this->names) as $class) {
            if (! isset($this->order[$class])) {
                $this->visit($class);
            }
        }
        $circles = array_map(function (array $circle): string {
            sort($circle);

            return implode(' ', $circle);
        }, $this->circles);
        sort($circles);

        return $circles;
    }

    private function visit(string $class): void
    {
        $this->order[$class] = $this->low[$class] = count($this->order);
        $this->stack[] = $class;
        foreach ($this->names[$class] as $other) {
            if (! isset($this->names[$other]) || $other === $class) {
                continue;
            }
            if (! isset($this->order[$other])) {
                $this->visit($other);
                $this->low[$class] = min($this->low[$class], $this->low[$other]);
            } elseif (in_array($other, $this->stack, true)) {
                $this->low[$class] = min($this->low[$class], $this->order[$other]);
            }
        }
        if ($this->low[$class] === $this->order[$class]) {
            $circle = array_splice($this->stack, (int) array_search($class, $this->stack, true));
            if (count($circle) > 1) {
                $this->circles[] = $circle;
            }
        }
    }
}
