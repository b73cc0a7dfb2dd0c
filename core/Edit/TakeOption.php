<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** An option of the quote that is taken: its edit is made, and it counts as chosen; one revision. */
final readonly class TakeOption implements Edit
{
    public function __construct(public string $option, public bool $take = true)
    {
    }

    public function says(Names $names): string
    {
        return ($this->take ? 'Taken: ' : 'Not taken: ').$names->name($this->option);
    }

    public function apply(Draft $draft): void
    {
        $options = (new Fields($draft->data))->object('quote')->objects('options');
        $of = self::of($options, $this->option);
        foreach ($of->texts('excludes') as $other) {
            if ($this->take && self::of($options, $other)->flag('chosen')) {
                throw BadBuild::at(
                    '/option',
                    "{$of->text('label')} does not go with {$this->label($options, $other)}, which is taken.",
                );
            }
        }
        if ($of->flag('chosen') === $this->take) {
            return;
        }
        $edit = $of->textOrNull('edit');
        if ($edit !== null) {
            $this->take
                ? $this->make($draft, $edit)
                : throw BadBuild::at(
                    '/option',
                    "{$of->text('label')} has changed the build: take that change back instead.",
                );
        }
        $draft->put([...$draft->index->paths[$this->option], 'chosen'], $this->take);
    }

    private function make(Draft $draft, string $edit): void
    {
        $read = json_decode($edit, true);
        $made = Edits::read(is_array($read) ? $read : []);
        // One that takes itself would never end.
        if (str_contains($edit, '"take_option"')) {
            throw BadBuild::at('/option', 'an option takes no other option.');
        }
        $made->apply($draft);
        $draft->settle();
    }

    /** @param  list<Fields>  $options */
    private static function of(array $options, string $id): Fields
    {
        foreach ($options as $option) {
            if ($option->text('id') === $id) {
                return $option;
            }
        }
        throw BadBuild::at('/option', 'this option is gone from the quote.');
    }

    /** @param  list<Fields>  $options */
    private function label(array $options, string $id): string
    {
        return lcfirst(self::of($options, $id)->text('label'));
    }
}
