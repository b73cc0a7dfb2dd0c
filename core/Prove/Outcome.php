<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Format\Fields;

/** What came of a gate when it was last tried. */
final readonly class Outcome
{
    /**
     * @param  string  $result  as_it_should · not_as_it_should · skipped
     * @param  string  $facts  what its expectation was made from then; '' where nobody noted it
     * @param  list<Taken>  $readings
     */
    public function __construct(
        public string $gate,
        public string $result,
        public string $on = '',
        public string $facts = '',
        public array $readings = [],
        public string $why = '',
        public bool $alone = false,
        public string $by = '',
    ) {
    }

    /** @param  array<string, Taken>  $log */
    public static function of(Fields $row, array $log): self
    {
        $readings = [];
        foreach ($row->texts('readings') as $id) {
            isset($log[$id]) ? ($readings[] = $log[$id]) : null;
        }

        return new self(
            $row->text('gate'),
            $row->text('result'),
            $row->text('on'),
            $row->text('facts'),
            $readings,
            $row->text('why'),
            $row->flag('alone'),
            $row->text('by'),
        );
    }

    public function isRight(): bool
    {
        return $this->result === 'as_it_should';
    }

    public function fails(): bool
    {
        return $this->result === 'not_as_it_should';
    }
}
