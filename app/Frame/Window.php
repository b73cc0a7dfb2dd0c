<?php

declare(strict_types=1);

namespace App\Frame;

/** What every request says about the window it comes from. */
final readonly class Window
{
    private function word(string $name, string $default = ''): string
    {
        $value = request()->input($name);

        return is_string($value) ? $value : $default;
    }

    /** The revision the window saw last. */
    public function base(): int
    {
        return (int) $this->word('base', $this->word('base0'));
    }

    /** Of this one edit, so that sending it twice does nothing more. */
    public function token(): string
    {
        return mb_substr($this->word('token', $this->word('token0')), 0, 64) ?: bin2hex(random_bytes(8));
    }

    public function name(): string
    {
        return mb_substr($this->word('window', 'plain'), 0, 32);
    }

    /** Key of the station the window stands at. */
    public function station(): string
    {
        return $this->word('at');
    }

    /** What a page asks anew after somebody else's change: whole · figures, while something is typed in it; '' for neither. */
    public function refresh(): string
    {
        $said = request()->headers->get('X-Glow-Refresh');

        return $this->isFragment() && in_array($said, ['whole', 'figures'], true) ? $said : '';
    }

    public function isFragment(): bool
    {
        return request()->headers->has('HX-Request') && ! request()->headers->has('HX-History-Restore-Request');
    }
}
