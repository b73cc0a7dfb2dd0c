<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** Takes a thing out with all that hangs on it. */
final readonly class RemoveItem implements Edit
{
    public function __construct(public string $id)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'removed');
    }

    /** Id of something that uses a part. */
    public static function userOf(Draft $draft, string $part, string $except = ''): ?string
    {
        $f = $draft->document->fields();
        foreach ([...$f->objects('lights'), ...$f->objects('devices'), ...$f->objects('leads')] as $item) {
            $uses = [
                $item->text('part'),
                $item->text('wire'),
                ...array_map(fn (Fields $i): string => $i->text('part'), $item->objects('inline')),
            ];
            if ($item->text('id') !== $except && in_array($part, $uses, true)) {
                return $item->text('id');
            }
        }

        return null;
    }

    public function apply(Draft $draft): void
    {
        $id = $this->id;
        $draft->known($id);
        $gone = [$id => true];
        $section = $draft->index->sections[$id];
        if ($section === 'circuits') {
            foreach (['lights', 'devices', 'leads'] as $list) {
                foreach ($draft->document->fields()->objects($list) as $item) {
                    if ($item->text('circuit') === $id) {
                        $gone[$item->text('id')] = true;
                    }
                }
            }
        }
        if ($section === 'parts') {
            $user = self::userOf($draft, $id);
            if ($user !== null) {
                throw BadBuild::at($draft->index->path($id), "`{$id}` is still used by `{$user}`.");
            }
        }
        foreach ($section === 'supplies' ? $draft->document->fields()->objects('leads') : [] as $lead) {
            if (array_filter($lead->items('cores'), fn (mixed $core): bool => self::touches($core, $gone)) !== []) {
                throw BadBuild::at(
                    $draft->index->path($id),
                    "`{$id}` still feeds `{$lead->text('id')}`; take that lead off first.",
                );
            }
        }
        self::sweep($draft, $gone);
    }

    /**
     * Takes ids out of every list, with the cores that end on them and what names them.
     *
     * @param  array<string, true>  $gone
     */
    public static function sweep(Draft $draft, array $gone): void
    {
        $leads = [];
        foreach ($draft->document->fields()->objects('leads') as $lead) {
            $cores = array_values(
                array_filter($lead->items('cores'), fn (mixed $core): bool => ! self::touches($core, $gone)),
            );
            if ($cores === [] || isset($gone[$lead->text('id')])) {
                $gone[$lead->text('id')] = true;
                foreach ($lead->objects('inline') as $thing) {
                    $gone[$thing->text('id')] = true;
                }

                continue;
            }
            $leads[] = [...$lead->data, 'cores' => $cores];
        }
        if (isset($draft->data['leads'])) {
            $draft->data['leads'] = $leads;
        }
        $draft->data = (new Sweep($gone))->through($draft->data);
    }

    /** @param  array<string, true>  $gone */
    public static function touches(mixed $core, array $gone): bool
    {
        foreach (is_array($core) ? $core : [] as $pin) {
            if (is_string($pin) && isset($gone[explode('.', $pin)[0]])) {
                return true;
            }
        }

        return false;
    }
}
