<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Words;

/** Conditions as people say them: "hatch lid up or (galley rocker on and not anchor light on)". What it prints it reads back. */
final class WhenText
{
    /** @var list<string> */
    private array $tokens = [];

    private int $at = 0;

    /**
     * @param  array<string, array{list<string>, list<string>}>  $inputs  id => names by which it is called, positions
     * @param  bool  $spoken  "the lid is up" instead of "lid up"
     */
    private function __construct(private readonly array $inputs, private readonly bool $spoken = false)
    {
    }

    private static function over(Document $document, bool $spoken = false): self
    {
        $inputs = [];
        foreach ($document->fields()->objects('inputs') as $input) {
            $inputs[$input->text('id')] = [
                array_values(
                    array_unique([
                        mb_strtolower($input->text('label', str_replace('_', ' ', $input->text('id')))),
                        mb_strtolower($input->text('id')),
                    ]),
                ),
                $input->texts('positions') ?: ['off', 'on'],
            ];
        }

        return new self($inputs, $spoken);
    }

    /**
     * As a sentence says it: "the hatch lid is up or the galley rocker is on, unless the anchor light is on".
     *
     * @param  array<array-key, mixed>  $when
     */
    public static function sentence(array $when, Document $document): string
    {
        return self::over($document, true)->print($when, 0);
    }

    /** @param  array<array-key, mixed>  $when */
    public static function say(array $when, Document $document): string
    {
        return self::over($document)->print($when, 0);
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws NotUnderstood
     */
    public static function read(string $text, Document $document): array
    {
        $reader = self::over($document);
        $reader->tokens = self::tokens($text);
        if ($reader->tokens === []) {
            throw new NotUnderstood('say when, as "lid up", "always" or "lid up and not master off".');
        }
        $when = $reader->any();
        if (isset($reader->tokens[$reader->at])) {
            throw new NotUnderstood(
                "'{$reader->tokens[$reader->at]}' was not understood there. Join conditions with and, or, not, unless.",
            );
        }

        return $when;
    }

    // ---- printing ---------------------------------------------------------------------------------------------------

    /** @param  array<array-key, mixed>  $when */
    private function print(array $when, int $depth): string
    {
        $deeper = fn (mixed $w): string => is_array($w) ? $this->print($w, $depth + 1) : '';
        $all = is_array($when['all'] ?? null) ? array_values($when['all']) : [];
        if ($this->spoken && count($all) === 2 && is_array($all[1]) && is_array($all[1]['not'] ?? null)) {
            return $deeper($all[0]).', unless '.$deeper($all[1]['not']);
        }
        foreach (['any' => ' or ', 'all' => ' and '] as $head => $word) {
            if (is_array($when[$head] ?? null)) {
                $parts = array_map($deeper, $when[$head]);
                if ($parts === []) {
                    return $head === 'all' ? 'always' : 'never';
                }
                $said = implode($word, $parts);

                return $depth > 0 && count($parts) > 1 && ! $this->spoken ? "({$said})" : $said;
            }
        }
        if (is_array($when['not'] ?? null)) {
            return ($this->spoken ? 'unless ' : 'not ').$deeper($when['not']);
        }

        return $this->position($when);
    }

    /** @param  array<array-key, mixed>  $when  an input in a position */
    private function position(array $when): string
    {
        $id = is_string($when['input'] ?? null) ? $when['input'] : '';
        [$names, $positions] = $this->inputs[$id] ?? [[$id], ['off', 'on']];
        $is = $when['is'] ?? (count($positions) === 2 ? $positions[1] : 'thrown');

        $words = array_filter((array) $is, is_string(...));

        // "someone at the stove is there" takes no article.
        $article = preg_match('/^(some|any|every|no|the|an?)(one|body|thing)?\b/i', $names[0]) === 1 ? '' : 'the ';

        return $this->spoken
            ? $article.Words::within($names[0]).' is '.implode(' or ', $words)
            : Words::within($names[0]).' '.implode('/', $words);
    }

    // ---- reading ----------------------------------------------------------------------------------------------------

    /** @return list<string> words and brackets, in lower case */
    private static function tokens(string $text): array
    {
        preg_match_all('/[()]|[^\s()]+/u', mb_strtolower($text), $m);

        return $m[0];
    }

    /** @return array<array-key, mixed> */
    private function any(): array
    {
        $list = [$this->all()];
        while (in_array($this->tokens[$this->at] ?? '', ['or', 'unless'], true)) {
            $unless = $this->tokens[$this->at++] === 'unless';
            $next = $this->all();
            $list = $unless
                ? [['all' => [count($list) === 1 ? $list[0] : ['any' => $list], ['not' => $next]]]]
                : [...$list, $next];
        }

        return count($list) === 1 ? $list[0] : ['any' => $list];
    }

    /** @return array<array-key, mixed> */
    private function all(): array
    {
        $list = [$this->one()];
        while (($this->tokens[$this->at] ?? '') === 'and') {
            $this->at++;
            $list[] = $this->one();
        }

        return count($list) === 1 ? $list[0] : ['all' => $list];
    }

    /** @return array<array-key, mixed> */
    private function one(): array
    {
        $token = $this->tokens[$this->at] ?? null;
        if ($token === null) {
            throw new NotUnderstood('something is missing at the end.');
        }
        // A name comes first, whatever words and brackets it has: "Not used", "Key (ACC)".
        if ($this->longest()[1] > 0) {
            return $this->input();
        }
        if ($token === 'not') {
            $this->at++;

            return ['not' => $this->one()];
        }
        if ($token === '(') {
            $this->at++;
            $when = $this->any();
            if (($this->tokens[$this->at] ?? '') !== ')') {
                throw new NotUnderstood('a bracket is not closed.');
            }
            $this->at++;

            return $when;
        }
        if ($token === 'always' || $token === 'never') {
            $this->at++;

            return $token === 'always' ? ['all' => []] : ['any' => []];
        }

        return $this->input();
    }

    /** @return array<array-key, mixed> */
    private function input(): array
    {
        [$id, $words] = $this->longest();
        if ($id === null) {
            $known = array_map(fn (array $i): string => $i[0][0], array_values($this->inputs));
            throw new NotUnderstood(
                "'{$this->tokens[$this->at]}' is no input of this build".
                    ($known === [] ? '; add one first.' : '; it has '.implode(', ', $known).'.'),
            );
        }
        $this->at += $words;
        $positions = $this->inputs[$id][1];
        if (($this->tokens[$this->at] ?? '') === 'is') {
            $this->at++;
        }
        $word = $this->tokens[$this->at] ?? null;
        if ($word === null || in_array($word, ['and', 'or', 'unless', ')'], true)) {
            return ['input' => $id];
        }
        $this->at++;
        if ($word === 'thrown') {
            return ['input' => $id];
        }
        $named = [];
        foreach (explode('/', $word) as $one) {
            $match =
                array_values(array_filter($positions, fn (string $p): bool => mb_strtolower($p) === $one))[0] ??
                throw new NotUnderstood(
                    "{$this->inputs[$id][0][0]} has no position '{$one}'; it has ".implode(', ', $positions).'.',
                );
            $named[] = $match;
        }

        return match (true) {
            count($named) > 1 => ['input' => $id, 'is' => $named],
            count($positions) === 2 && $named[0] === $positions[1] => ['input' => $id],
            default => ['input' => $id, 'is' => $named[0]],
        };
    }

    /** @return array{string|null, int} the input whose name takes most words from here */
    private function longest(): array
    {
        $best = [null, 0];
        foreach ($this->inputs as $id => [$names]) {
            foreach ($names as $name) {
                $words = self::tokens($name);
                if (count($words) > $best[1] && array_slice($this->tokens, $this->at, count($words)) === $words) {
                    $best = [$id, count($words)];
                }
            }
        }

        return $best;
    }
}
