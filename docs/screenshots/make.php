<?php

declare(strict_types=1);

/*
 * Takes the pictures of this folder from the demo data: php docs/screenshots/make.php (after bin/glow test has run once).
 */

use Tests\Support\Bench;
use Tests\Support\Served;
use Tests\Support\Window;

require __DIR__.'/../../vendor/autoload.php';

/** @param  callable(Window): void  $go */
function picture(
    string $name,
    callable $go,
    int $width = 1280,
    int $height = 800,
    bool $night = false,
    ?string $url = null,
): void {
    // With names behind the command only those are taken.
    global $argv;
    if (count($argv) > 1 && ! in_array($name, $argv, true)) {
        return;
    }
    $window = Bench::here()->window($width, $height, $night, url: $url);
    $go($window);
    $window->until(
        fn (): bool => $window->script('return document.fonts.status') === 'loaded' &&
            $window->all('.htmx-request') === [],
        'the page is quiet',
    );
    $window->driver->takeScreenshot(__DIR__."/{$name}.png");
    $window->close();
}

$at = fn (string $title, string $more = '', string $station = 'circuit') => function (Window $w) use (
    $title,
    $more,
    $station,
): void {
    $w->build($title);
    $w->driver->get((string) preg_replace('#/circuit.*$#', "/{$station}{$more}", $w->driver->getCurrentURL()));
};
picture('wall-day', fn (Window $w) => $w->open('/'));
picture('circuit-day', $at('Heron'));
picture('circuit-faults-day', $at('Harbour tour', '?c=warehouse'));
picture('circuit-narrow', $at('Heron'), 390, 844);
picture('brief-day', $at('Heron', '?c=galley_shelf&m=20:00', 'brief'), 1280, 1000);
picture('circuit-opened-day', $at('Heron', '?c=cabin_steps&w=cabin_steps_light_feed.1&wm=0.4+m'));
picture('handover-day', $at('Heron', '?c=galley_shelf&leaf=price', 'handover'), 1280, 1000);
picture(
    'wish-night',
    function (Window $w) use ($at): void {
        $at('Wherry', '?c=chart_locker&wish=all&i[lid]=up&i[master]=on')($w);
        $w->script('document.getElementById("wish").scrollIntoView()');
    },
    1280,
    1000,
    night: true,
);
picture('probe-day', $at('Heron', '', 'probe'));
picture('probe-narrow', $at('Heron', '', 'probe'), 390, 844);
picture(
    'practice-night',
    function (Window $w): void {
        $w->open('/practice');
        $w->type('#seed', '7');
        $w->click('.practice-plate .is-primary');
        foreach (['p1', 'p2', 'p3', 'p4'] as $wire) {
            $w->find('.keep');
            $w->open((string) parse_url($w->driver->getCurrentURL(), PHP_URL_PATH)."?hand=1&wire={$wire}&i[running]=on");
            $w->click('.keep');
        }
    },
    night: true,
);
/** A layout, lit, with the ways of laying it tried. */
$laid = fn (string $title, string $more) => function (Window $w) use ($at, $title, $more): void {
    $at($title, $more, 'layout')($w);
    $w->until(fn (): bool => $w->all('#layout-picture image') !== [], 'it is lit');
    $w->until(fn (): bool => $w->all('.arrangements li') !== [], 'ways of laying it were tried', 40);
    $w->script('window.scrollTo(0, 0)');
};
picture('layout-letters-day', $laid('Wherry', '?c=nameboard&lay=name_three_rows&i[nameboard_rocker]=on'), 1280, 900);
picture('harness-day', $at('Coffee trike', '?c=counter_edge&st=to_box', 'harness'), 1280, 1000);
picture('build-day', $at('Coffee trike', '', 'build'), 1280, 900);
picture('build-narrow', $at('Heron', '', 'build'), 390, 844);
/** A circuit at Prove, once every fault of it is tried. */
$proven = fn (string $title, string $circuit) => function (Window $w) use ($at, $title, $circuit): void {
    $at($title, "?c={$circuit}", 'prove')($w);
    $w->until(fn (): bool => $w->all('.chain') !== [], 'every fault is tried', 40);
    $w->driver->get($w->driver->getCurrentURL());
    $w->find('.gate-act');
};
picture('prove-day', $proven('Coffee stall', 'menu_panel'), 1280, 1200);
picture(
    'prove-narrow',
    function (Window $w) use ($proven): void {
        $proven('Coffee stall', 'menu_panel')($w);
        $w->script('document.querySelector(".chain-line").scrollIntoView()');
    },
    390,
    844,
    night: true,
);
/** The bench as bin/glow start serves it, open to an address of this machine: the sheet with the code, and what the phone shows. */
$names = array_slice($argv, 1);
if ($names === [] || array_intersect($names, ['phone-day', 'phone-narrow']) !== []) {
    $served = new Served();
    $served->start('--new');
    $served->glow('open', '--address', '127.0.0.2', '--port', '8443');
    picture(
        'phone-day',
        function (Window $w) use ($at): void {
            $at('Coffee trike', '', 'build')($w);
            $w->click('.hand-phone a');
            $w->find('.six');
        },
        url: "http://127.0.0.1:{$served->port}",
    );
    picture('phone-narrow', fn (Window $w) => $w->open('/pair'), 390, 844, url: 'https://127.0.0.2:8443');
}
