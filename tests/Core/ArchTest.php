<?php

declare(strict_types=1);

arch('the core knows no framework and no application')->expect('BenchGlow')->not->toUse(['Illuminate', 'App']);
arch('rules are final and named so')->expect('BenchGlow\Check')->classes()->toBeFinal();
arch('nothing is dumped')->expect(['BenchGlow', 'App'])->not->toUse(['dd', 'dump', 'var_dump', 'ray', 'print_r', 'die']);
arch('everything is strict')->expect(['BenchGlow', 'App'])->toUseStrictTypes();
arch('no facade in the core')->expect('BenchGlow')->not->toUse('Illuminate\Support\Facades');
arch('no clock and no randomness in the core')->expect('BenchGlow')->not->toUse(['time', 'microtime', 'date', 'rand', 'mt_rand', 'random_int', 'now']);
