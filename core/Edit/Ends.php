<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Pins;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** An end of a new wire: a pin, or a place in a core, which gets a joint first. */
final class Ends
{
    /**
     * @param  string|Fields  $said  a pin, or {"lead", "core", "at_m"}
     *
     * @throws BadBuild
     */
    public static function pin(Draft $draft, DraftLeads $leads, string|Fields $said, string $path): string
    {
        if (is_string($said)) {
            $problem = Pins::of($draft->index)->problem($said);

            return $problem === null ? $said : throw BadBuild::at($path, $problem);
        }

        return self::joint($draft, $leads, Place::find($draft, $leads, $said, $path));
    }

    /** A joint at a place in a core. */
    public static function joint(Draft $draft, DraftLeads $leads, Place $place): string
    {
        $circuit = $place->lead->circuit();
        $id = $draft->name(($circuit ?? 'build').'_joint');
        $draft->data['devices'] = [
            ...$draft->list(['devices']),
            ['id' => $id, 'circuit' => $circuit, 'kind' => 'joint', 'style' => 'crimp'],
        ];
        $leads->cut($place->lead, $place->core, $place->atM, $place->fromIsSource, $id, $id);

        return $id;
    }

    /** The circuit a pin belongs to; null: the host's or nobody's. */
    public static function circuit(Draft $draft, string $pin): ?string
    {
        $id = explode('.', $pin)[0];
        foreach (['lights', 'devices'] as $list) {
            foreach ($draft->list([$list]) as $item) {
                $f = new Fields(is_array($item) ? $item : []);
                if ($f->text('id') === $id) {
                    return $f->textOrNull('circuit');
                }
            }
        }

        return null;
    }
}
